import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { Plus, X } from "lucide-react";
import { useFieldArray, useForm, useWatch, type UseFormRegister } from "react-hook-form";
import { readDecimal } from "../shared/decimal";
import { useSession } from "../people/session";
import { Button, Checkbox, Disclosure, ErrorMessage, Form, TextField } from "../ui";
import type { Dead } from "./deadApi";
import { Step } from "./Step";
import type { Doing } from "./useDead";

type Kind = Dead["kinds"][number];
interface Source {
  key: string;
  kind: Kind["kind"];
  name: string;
  lock: string;
  minutes: string;
}
interface Typed {
  sources: Source[];
  absent: string[];
}

const typedOf = (dead: Dead): Typed => ({
  sources: dead.sources.map(({ id, kind, name, lock, dischargeMinutes }) => ({
    key: id,
    kind,
    name,
    lock: lock ?? "",
    minutes: dischargeMinutes == null ? "" : String(dischargeMinutes),
  })),
  absent: dead.absent,
});

/** Every source, each looked for: opened and locked, waited for, or not there. Once they are, in a line. */
export function SourcesPanel({ dead, doing }: { dead: Dead; doing: Doing }) {
  const done = dead.missingToLock === null;
  const form = <SourcesForm dead={dead} doing={doing} />;
  return (
    <Step number={1} title="Every source off and locked" done={done}>
      {done ? (
        <>
          {dead.sources.map(({ id, name, lock, dischargeMinutes }) => (
            <Box key={id}>
              <strong>{name}</strong>:{" "}
              {lock ? `locked with ${lock}` : `${dischargeMinutes ?? 0} min to discharge`}
            </Box>
          ))}
          <Disclosure label="Change the sources">{form}</Disclosure>
        </>
      ) : (
        form
      )}
    </Step>
  );
}

function SourcesForm({ dead, doing }: { dead: Dead; doing: Doing }) {
  const { refusal } = useSession();
  const { control, register, handleSubmit, setValue, formState } = useForm<Typed>({
    values: typedOf(dead),
    resetOptions: { keepDirtyValues: true },
  });
  const { fields, append, remove } = useFieldArray({ control, name: "sources" });
  const absent = useWatch({ control, name: "absent" });
  const add = (kind: Kind["kind"], name = "") => {
    append({ key: crypto.randomUUID(), kind, name, lock: "", minutes: "" });
    setValue(
      "absent",
      absent.filter((one) => one !== kind),
      { shouldDirty: true },
    );
  };
  const save = (typed: Typed) =>
    doing.send({
      kind: "isolation",
      sources: typed.sources.map(({ key, kind, name, lock, minutes }) => ({
        id: key,
        kind,
        name,
        lock: lock.trim() || null,
        dischargeMinutes: readDecimal(minutes) ?? null,
      })),
      absent: typed.absent as Kind["kind"][],
    });
  // What somebody looked for, and did not find, is not offered again.
  const expected = dead.expected.filter(
    ({ kind, name }) => !absent.includes(kind) && fields.every((field) => field.name !== name),
  );
  const wrong = (formState.errors.sources?.map?.((one, at) => (one?.minutes ? at : -1)) ?? []).filter(
    (at) => at >= 0,
  );
  const ask = {
    wrong,
    register,
    add,
    remove,
    fields,
    absent,
    setAbsent: (next: string[]) => setValue("absent", next, { shouldDirty: true }),
  };
  return (
    <Form id="sources" onSubmit={() => void handleSubmit(save)()}>
      {expected.length > 0 && (
        <Flex direction="column" gap={2} mb={2}>
          {expected.map(({ kind, name, why }) => (
            <Flex key={name} gap={2} alignItems="center">
              <Box flex={1} minW={0}>
                <strong>{name}</strong>
                <Box color="ink.soft" textStyle="dense" overflowWrap="anywhere">
                  {why}
                </Box>
              </Box>
              <Button onClick={() => add(kind, name)} aria-label={`Add ${name}`}>
                <Plus aria-hidden />
                Add
              </Button>
            </Flex>
          ))}
        </Flex>
      )}
      <Grid gap={1}>
        {dead.kinds.map((kind) => (
          <OfKind key={kind.kind} kind={kind} {...ask} />
        ))}
      </Grid>
      <Box color="caution" mt={2}>
        A machine’s capacitors hold charge after the lock is on: wait, then measure.
      </Box>
      {doing.last === "isolation" && <ErrorMessage of={doing.refused} />}
      <Box mt={2}>
        <Button
          variant="solid"
          type="submit"
          form="sources"
          disabled={doing.busy}
          missing={refusal("make-dead") ?? (formState.isDirty ? null : dead.missingToLock)}
        >
          Save the sources
        </Button>
      </Box>
    </Form>
  );
}

interface Asking {
  /** Sources whose minutes are no number. */
  wrong: number[];
  register: UseFormRegister<Typed>;
  fields: Source[];
  absent: string[];
  add: (kind: Kind["kind"]) => void;
  remove: (at: number) => void;
  setAbsent: (absent: string[]) => void;
}

/** One kind: what there is of it, or that it was looked for. */
function OfKind({ kind, fields, absent, register, wrong, add, remove, setAbsent }: Asking & { kind: Kind }) {
  const own = fields.map((field, at) => ({ field, at })).filter(({ field }) => field.kind === kind.kind);
  return (
    <Box role="group" aria-label={kind.name} borderTopWidth="1px" borderColor="line" py={2}>
      <Flex gap={2} alignItems="center" flexWrap="wrap">
        <Box flex={{ base: "1 1 100%", md: "1 1 180px" }} minW={0}>
          <strong>{kind.name}</strong>
          <Box color="ink.soft" textStyle="dense">
            {kind.hint}
          </Box>
        </Box>
        {own.length === 0 && (
          <Checkbox
            checked={absent.includes(kind.kind)}
            onChange={(none) =>
              setAbsent(none ? [...absent, kind.kind] : absent.filter((one) => one !== kind.kind))
            }
          >
            None
            <chakra.span srOnly> of {kind.name}</chakra.span>
          </Checkbox>
        )}
        <Button size="sm" onClick={() => add(kind.kind)} aria-label={`Add a source: ${kind.name}`}>
          <Plus aria-hidden />
          {own.length === 0 ? "There is one" : "Another"}
        </Button>
      </Flex>
      {own.map(({ field, at }) => (
        <Grid key={field.key} templateColumns="minmax(0, 1fr) 110px auto" gap={2} mt={2} alignItems="end">
          <TextField label="What" maxLength={60} {...register(`sources.${at}.name`, { required: true })} />
          {kind.locked ? (
            <TextField label="Lock" maxLength={40} {...register(`sources.${at}.lock`)} />
          ) : (
            <TextField
              label="Wait, min"
              inputMode="decimal"
              error={wrong.includes(at) && "A number"}
              {...register(`sources.${at}.minutes`, {
                validate: (typed) => readDecimal(typed) !== undefined,
              })}
            />
          )}
          <Button variant="ghost" size="icon" aria-label={`Remove ${field.name}`} onClick={() => remove(at)}>
            <X aria-hidden />
          </Button>
        </Grid>
      ))}
    </Box>
  );
}
