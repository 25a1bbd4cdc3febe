import { Box, Grid } from "@chakra-ui/react";
import { useState, type ReactNode } from "react";
import { CheckField } from "../shared/CheckField";
import { readDecimal } from "../shared/decimal";
import { DialogFrame } from "../shared/DialogFrame";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { Select } from "../shared/Select";
import type { Part } from "./jobApi";
import { useChanges } from "./useChanges";

/** A field of a part: what it is called, and what it holds. */
export type PartField =
  | { name: string; label: string; kind: "text" | "number"; unit?: string }
  | { name: string; label: string; kind: "check" }
  | { name: string; label: string; kind: "choice"; options: [string, string][] };

type Values = Record<string, unknown>;

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
  /** Whether it can be changed and not taken out. */
  keepIt?: boolean;
  children?: (part: T, change: (values: Partial<T>) => void) => ReactNode;
  onClose: () => void;
}) {
  const { put, remove, error, person, busy } = useChanges();
  const [draft, setDraft] = useState<T>(part);
  // Numbers are kept as they are typed until they are sent: "2." is on its way to 2.5.
  const [numbers, setNumbers] = useState<Record<string, string>>({});
  const [wrong, setWrong] = useState<string | null>(null);
  const change = (values: Partial<T>) => setDraft((before) => ({ ...before, ...values }));
  const value = (name: string) => (draft as unknown as Values)[name];
  const save = () => {
    const typed: Values = {};
    for (const [name, text] of Object.entries(numbers)) {
      const number = readDecimal(text);
      if (number === undefined) {
        setWrong(`“${text}” is no number.`);
        return;
      }
      typed[name] = number;
    }
    setWrong(null);
    void put({ ...draft, ...typed }, version).then((kept) => kept && onClose());
  };
  return (
    <DialogFrame
      title={title}
      open
      width="620px"
      onClose={onClose}
      footer={
        <>
          {version !== null && !keepIt && (
            <Action mr="auto" onClick={() => void remove(part.id, version).then((gone) => gone && onClose())}>
              Take out
            </Action>
          )}
          <Action onClick={onClose}>Leave it</Action>
          <Action look="main" disabled={!person || busy} onClick={save}>
            {person ? "Keep" : "Type your name first"}
          </Action>
        </>
      }
    >
      <Grid templateColumns={{ base: "1fr", md: "1fr 1fr" }} gap={3}>
        {fields.map((field) => (
          <Box key={field.name}>
            {field.kind === "check" ? (
              <CheckField
                checked={Boolean(value(field.name))}
                onChange={(checked) => change({ [field.name]: checked } as unknown as Partial<T>)}
              >
                {field.label}
              </CheckField>
            ) : field.kind === "choice" ? (
              <Select
                label={field.label}
                value={String(value(field.name) ?? "")}
                options={field.options}
                onChange={(next) => change({ [field.name]: next || null } as unknown as Partial<T>)}
              />
            ) : (
              <>
                <FieldLabel htmlFor={`part-${field.name}`}>
                  {field.label}
                  {field.unit && `, ${field.unit}`}
                </FieldLabel>
                <Field
                  id={`part-${field.name}`}
                  autoComplete="off"
                  maxLength={200}
                  inputMode={field.kind === "number" ? "decimal" : undefined}
                  value={numbers[field.name] ?? String(value(field.name) ?? "")}
                  onChange={(event) =>
                    field.kind === "number"
                      ? setNumbers({ ...numbers, [field.name]: event.target.value })
                      : change({ [field.name]: event.target.value } as unknown as Partial<T>)
                  }
                  onKeyDown={(event) => event.key === "Enter" && save()}
                />
              </>
            )}
          </Box>
        ))}
      </Grid>
      {children?.(draft, change)}
      <Box role="alert" color="stop" mt={2}>
        {wrong ?? error}
      </Box>
    </DialogFrame>
  );
}
