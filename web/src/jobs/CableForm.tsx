import { Box, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue } from "react";
import {
  Controller,
  useForm,
  useWatch,
  type Control,
  type FieldErrors,
  type UseFormRegister,
} from "react-hook-form";
import { api, type Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { readDecimal } from "../shared/decimal";
import { thin } from "../shared/Units";
import { WireSwatch } from "../shown/WireSwatch";
import { Button, Checkbox, Dialog, ErrorMessage, TextField } from "../ui";
import { conductorsToAdd, freed, type CableRow, type Core, type JobCable } from "./cables";

interface Typed {
  name: string;
  make: string;
  cord: boolean;
  jacket: string;
  reaches: string[];
  withWires: boolean;
}

/** A cable or cord as it is bought: typed as people write it, with what is in it; its conductors become wires. */
export function CableForm({
  job,
  row,
  onClose,
}: {
  job: string;
  /** Null makes a new one. */
  row: CableRow | null;
  onClose: () => void;
}) {
  const { send, error, busy } = useChanges();
  const entries = row?.entries ?? [];
  const { control, formState, handleSubmit, register, setError } = useForm<Typed>({
    defaultValues: {
      name: row?.cable.name ?? "",
      make: row?.make ?? "",
      cord: row?.cable.saidCord ?? false,
      jacket: String(row?.cable.jacketDiameterMm ?? ""),
      reaches: entries.map(({ enclosureId }) =>
        String(row?.cable.reaches?.find((reach) => reach.enclosureId === enclosureId)?.reachMm ?? ""),
      ),
      withWires: row === null,
    },
  });
  const make = useDeferredValue(useWatch({ control, name: "make" }).trim());
  const read = useQuery({
    queryKey: ["wire-text", make],
    queryFn: () => api.readWire({ text: make, current: null }),
    enabled: make.length > 0,
  });
  const said = make ? read.data : undefined;
  const toAdd = conductorsToAdd(said?.cores ?? [], row?.wires ?? []);
  const save = handleSubmit(async (typed) => {
    // What was typed a moment ago is read before it is kept.
    const text = typed.make.trim();
    const isNew = text !== (row?.make ?? "");
    const answer = text ? await api.readWire({ text, current: null }) : null;
    if (isNew && answer?.problem) {
      setError("make", { message: answer.problem });
      return;
    }
    const { parts, cable } = partsOf(row, entries, typed, answer, isNew);
    const done = await send((id) =>
      jobApi.change(job, {
        id,
        changes: [
          { put: cable, version: row?.version ?? null },
          ...parts.map((put) => ({ put, version: null })),
        ],
      }),
    );
    if (done) onClose();
  });
  const remove = async () => {
    if (!row) return;
    const done = await send((id) => jobApi.change(job, { id, changes: freed(row) }));
    if (done) onClose();
  };
  return (
    <Dialog
      title={row ? `Cable ${row.cable.name}` : "New cable or cord"}
      open
      size="lg"
      startsAt="cable-name"
      onClose={onClose}
      footer={
        <>
          {row && (
            <Button variant="danger" mr="auto" disabled={busy} onClick={() => void remove()}>
              Delete
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button variant="solid" disabled={busy} onClick={() => void save()}>
            Save
          </Button>
        </>
      }
    >
      <Grid
        templateColumns={{ base: "1fr", md: "1fr 2fr" }}
        gap={3}
        alignItems="start"
        onKeyDown={(event) => event.key === "Enter" && void save()}
      >
        <TextField id="cable-name" label="Name" autoComplete="off" maxLength={200} {...register("name")} />
        <TextField
          id="cable-make"
          label="What it is, such as 14/2 NM or 4G2.5 H07RN-F"
          autoComplete="off"
          maxLength={200}
          error={
            formState.errors.make?.message ?? (make === row?.make ? undefined : (said?.problem ?? undefined))
          }
          {...register("make")}
        />
      </Grid>
      <Understood said={said} />
      <Grid templateColumns="repeat(auto-fit, minmax(170px, 1fr))" gap={3} mt={3} alignItems="end">
        <Measured register={register} errors={formState.errors} entries={entries} />
        {/* Letters say it themselves. */}
        {!said?.letters && (
          <Tick control={control} name="cord">
            A flexible cord
          </Tick>
        )}
      </Grid>
      {toAdd.length > 0 && (
        <Box mt={3}>
          <Tick control={control} name="withWires">
            Add {toAdd.length === 1 ? "its conductor" : `its ${toAdd.length} conductors`} that{" "}
            {toAdd.length === 1 ? "is" : "are"} no wire of this job yet
          </Tick>
        </Box>
      )}
      <ErrorMessage of={error} />
    </Dialog>
  );
}

const number = {
  validate: (typed: string) => readDecimal(typed) !== undefined || `“${typed}” is no number.`,
};

/** What somebody measured: the jacket, and the way of its conductors where it enters. */
const Measured = ({
  register,
  errors,
  entries,
}: {
  register: UseFormRegister<Typed>;
  errors: FieldErrors<Typed>;
  entries: CableRow["entries"];
}) => (
  <>
    <TextField
      id="cable-jacket"
      label="Over its jacket, mm"
      inputMode="decimal"
      autoComplete="off"
      error={errors.jacket?.message}
      {...register("jacket", number)}
    />
    {entries.map(({ enclosureId, enclosure }, i) => (
      <TextField
        key={enclosureId}
        id={`cable-reach-${i}`}
        label={`Clamp to furthest terminal in ${enclosure}, mm`}
        inputMode="decimal"
        autoComplete="off"
        error={errors.reaches?.[i]?.message}
        {...register(`reaches.${i}`, number)}
      />
    ))}
  </>
);

/** The cable as it was typed, and the wires that come with it. */
function partsOf(
  row: CableRow | null,
  entries: CableRow["entries"],
  typed: Typed,
  answer: Schemas["WireReadAnswer"] | null,
  isNew: boolean,
) {
  const mm = (text: string | undefined) => readDecimal(text ?? "") ?? null;
  const cable: JobCable = {
    ...row?.cable,
    part: "cable",
    id: row?.cable.id ?? crypto.randomUUID(),
    name: typed.name.trim(),
    // What nobody typed anew stays as it is: a text does not say all that is known of it.
    ...(isNew && {
      conductor: answer?.conductor ?? null,
      count: answer?.count ?? null,
      earth: answer?.earth ?? "not-said",
      shielded: answer?.shielded ?? false,
    }),
    saidCord: typed.cord,
    jacketDiameterMm: mm(typed.jacket),
    reaches: entries.flatMap(({ enclosureId }, i) => {
      const reachMm = mm(typed.reaches[i]);
      return reachMm === null ? [] : [{ enclosureId, reachMm }];
    }),
  };
  const cores = typed.withWires ? conductorsToAdd(answer?.cores ?? [], row?.wires ?? []) : [];
  const taken = row?.wires.length ?? 0;
  const parts = cores.map(({ colour, isEarth }, i) => ({
    part: "wire" as const,
    id: crypto.randomUUID(),
    name: `${cable.name}.${taken + i + 1}`,
    conductor: cable.conductor ?? null,
    colour: colour?.says ?? null,
    function: isEarth ? ("earth" as const) : ("unknown" as const),
    cableId: cable.id,
    a: { id: crypto.randomUUID() },
    b: { id: crypto.randomUUID() },
  }));
  return { cable, parts };
}

/** How the text is read, and what is in such a cable. */
const Understood = ({ said }: { said: Schemas["WireReadAnswer"] | undefined }) => (
  <Box role="status" textStyle="dense" color="ink.soft" minH="1.5em" mt={1}>
    {said && !said.problem && (
      <>
        {thin(`Read as ${said.readAs}.`)} {said.letters && thin(`${said.letters}.`)}
        <Flex as="ul" listStyleType="none" columnGap={4} flexWrap="wrap" mt={1} color="ink">
          {said.cores.map((core, i) => (
            <Flex as="li" key={i} gap={1} alignItems="center">
              <CoreSays core={core} />
            </Flex>
          ))}
        </Flex>
      </>
    )}
  </Box>
);

const CoreSays = ({ core: { colour, isEarth } }: { core: Core }) => (
  <>
    <WireSwatch hue={colour?.base} stripe={colour?.stripe} />
    {colour?.says ?? "a conductor"}
    {isEarth && ": earth"}
  </>
);

const Tick = ({
  control,
  name,
  children,
}: {
  control: Control<Typed>;
  name: "cord" | "withWires";
  children: React.ReactNode;
}) => (
  <Controller
    control={control}
    name={name}
    render={({ field: { value, onChange } }) => (
      <Checkbox checked={value} onChange={onChange}>
        {children}
      </Checkbox>
    )}
  />
);
