import { Box, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import type { ReactNode } from "react";
import { Controller, useForm, useWatch } from "react-hook-form";
import { readDecimal } from "../shared/decimal";
import type { Part } from "./jobApi";
import { useChanges } from "./useChanges";
import { Button, Checkbox, Dialog, ErrorMessage, Select, TextField } from "../ui";

/** A field of a part: what it is called, and what it holds. */
export type PartField = {
  name: string;
  label: string;
  /** Where it is asked at all; everywhere when left out. */
  only?: (values: Values) => boolean;
} & (
  | { kind: "text" | "number"; unit?: string }
  | { kind: "check" }
  | {
      kind: "choice";
      options: [string, string][];
      /** Whether they are names that people gave. */ names?: true;
    }
);

type Values = Record<string, unknown>;

/** What is typed of a part: numbers as letters, since "2." is on its way to 2.5. */
const typedOf = (part: Part, fields: PartField[]): Values => ({
  ...part,
  ...Object.fromEntries(
    fields
      .filter(({ kind }) => kind === "text" || kind === "number")
      .map(({ name }) => [name, String((part as unknown as Values)[name] ?? "")]),
  ),
});

/** What was typed, as a part has it. */
const readOf = (typed: Values, fields: PartField[]): Values => ({
  ...typed,
  ...Object.fromEntries(
    fields
      .filter(({ kind }) => kind === "number")
      .map(({ name }) => [name, readDecimal(String(typed[name] ?? ""))]),
  ),
});

/** A sheet to change one part of a job on. What is refused stays on the sheet, with the reason beside it. */
export function PartForm<T extends Part>({
  title,
  part,
  version,
  fields,
  keepIt = false,
  children,
  onClose,
}: {
  title: string;
  part: T;
  version: number | null;
  fields: PartField[];
  /** Whether it can be changed and not deleted. */
  keepIt?: boolean;
  children?: (part: T, change: (values: Partial<T>) => void) => ReactNode;
  onClose: () => void;
}) {
  const say = useSay();
  const { put, remove, error, busy } = useChanges();
  const { control, formState, getValues, handleSubmit, register, setValue } = useForm<Values>({
    defaultValues: typedOf(part, fields),
  });
  const draft = { ...part, ...useWatch({ control }) } as T;
  const change = (values: Partial<T>) => {
    for (const [name, value] of Object.entries(values)) setValue(name, value);
  };
  const save = handleSubmit(() =>
    put({ ...part, ...readOf(getValues(), fields) }, version).then((kept) => kept && onClose()),
  );
  const wrong = fields.map(({ name }) => formState.errors[name]?.message).find(Boolean);
  return (
    <Dialog
      title={title}
      open
      size="lg"
      onClose={onClose}
      footer={
        <>
          {version !== null && !keepIt && (
            <Button
              variant="danger"
              mr="auto"
              onClick={() => void remove(part.id, version).then((gone) => gone && onClose())}
            >
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
      <Grid templateColumns={{ base: "1fr", md: "1fr 1fr" }} gap={3}>
        {fields
          .filter(({ only }) => only?.(draft as unknown as Values) ?? true)
          .map((field) => (
            <Box key={field.name}>
              {field.kind === "check" ? (
                <Controller
                  control={control}
                  name={field.name}
                  render={({ field: { value, onChange } }) => (
                    <Checkbox checked={Boolean(value)} onChange={onChange}>
                      {say(field.label)}
                    </Checkbox>
                  )}
                />
              ) : field.kind === "choice" ? (
                <Controller
                  control={control}
                  name={field.name}
                  render={({ field: { value, onChange } }) => (
                    <Select
                      label={say(field.label)}
                      value={typeof value === "string" ? value : ""}
                      options={
                        field.names
                          ? field.options
                          : field.options.map(([value, text]): [string, string] => [value, say(text)])
                      }
                      onChange={(next) => onChange(next || null)}
                    />
                  )}
                />
              ) : (
                <>
                  <TextField
                    id={`part-${field.name}`}
                    label={field.unit ? `${say(field.label)}, ${field.unit}` : say(field.label)}
                    autoComplete="off"
                    maxLength={200}
                    inputMode={field.kind === "number" ? "decimal" : undefined}
                    aria-invalid={Boolean(formState.errors[field.name])}
                    {...register(field.name, {
                      validate: (typed) =>
                        field.kind !== "number" ||
                        readDecimal(String(typed ?? "")) !== undefined ||
                        `“${String(typed)}” is no number.`,
                    })}
                    onKeyDown={(event) => event.key === "Enter" && void save()}
                  />
                </>
              )}
            </Box>
          ))}
      </Grid>
      {children?.(draft, change)}
      <ErrorMessage of={wrong ? String(wrong) : error} />
    </Dialog>
  );
}
