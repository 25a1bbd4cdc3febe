import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useId, useState } from "react";
import { NumberField } from "../bench/NumberField";
import type { Person } from "../bench/recording";
import { api, type Schemas } from "../client";
import { CheckField } from "../shared/CheckField";
import { readDecimal } from "../shared/decimal";
import { DialogFrame } from "../shared/DialogFrame";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { itemFields, itemOf, valueAt, type ItemField } from "./itemFields";
import type { ShelfKind } from "./ShelfPage";

interface Props {
  kind: ShelfKind;
  entry: Schemas["ShelfEntry"] | null;
  person: Person | null;
  onClose: () => void;
  onDone: (batch: string, says: string) => void;
}

const common: ItemField[] = [
  { path: "code", label: "Code", form: "text" },
  { path: "name", label: "Name", form: "text" },
  { path: "note", label: "Note", form: "text" },
  { path: "trust", label: "Where its data is from", form: ["marking", "maker", "generic"] },
];

/** Puts a thing on the Shelf, or changes one. What is wrong is said, and what was typed stays. */
export function ItemDialog({ kind, entry, person, onClose, onDone }: Props) {
  const fields = [...common, ...(kind === "landing" ? [] : itemFields[kind])];
  const [typed, setTyped] = useState<Record<string, unknown>>(() =>
    Object.fromEntries(
      fields.map((field) => [
        field.path,
        entry ? valueAt(entry.item, field.path) : Array.isArray(field.form) ? field.form[0] : null,
      ]),
    ),
  );
  const save = useMutation({
    mutationFn: () => {
      const body = { personId: person?.id ?? "", item: itemOf(kind, typed) };
      return entry ? api.changeOnShelf(entry.id, entry.version, body) : api.putOnShelf(body);
    },
    onSuccess: (done) => {
      onDone(done.batch, `${done.entry?.item.code ?? "It"} is on the Shelf.`);
      onClose();
    },
  });
  return (
    <DialogFrame
      title={entry ? `Change ${entry.item.code}` : "Put it on the Shelf"}
      open
      width="480px"
      onClose={onClose}
      footer={
        <>
          <Action onClick={onClose}>Leave it</Action>
          <Action look="main" disabled={!person || save.isPending} onClick={() => save.mutate()}>
            {person ? "Put it there" : "Type your name first"}
          </Action>
        </>
      }
    >
      <Flex direction="column" gap={2}>
        {fields.map((field) => (
          <OneField
            key={field.path}
            field={field}
            value={typed[field.path]}
            onChange={(value) => setTyped((before) => ({ ...before, [field.path]: value }))}
          />
        ))}
        <Box role="alert" color="stop">
          {save.error?.message}
        </Box>
      </Flex>
    </DialogFrame>
  );
}

function OneField({
  field,
  value,
  onChange,
}: {
  field: ItemField;
  value: unknown;
  onChange: (value: unknown) => void;
}) {
  const id = useId();
  const { form, label } = field;
  if (form === "number")
    return <NumberField label={label} value={typeof value === "number" ? value : null} onChange={onChange} />;
  if (form === "flag")
    return (
      <CheckField checked={value === true} onChange={onChange}>
        {label}
      </CheckField>
    );
  return (
    <Box>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      {Array.isArray(form) ? (
        <Field asChild>
          <chakra.select
            id={id}
            value={String(value ?? "")}
            onChange={(event) => onChange(event.target.value)}
          >
            {form.map((word) => (
              <option key={word} value={word}>
                {word || "not said"}
              </option>
            ))}
          </chakra.select>
        </Field>
      ) : (
        <Field
          id={id}
          type={form === "date" ? "date" : "text"}
          autoComplete="off"
          defaultValue={Array.isArray(value) ? value.join(" ") : typeof value === "string" ? value : ""}
          onChange={(event) =>
            onChange(
              form === "numbers"
                ? event.target.value
                    .split(/[\s;]+/)
                    .filter(Boolean)
                    .map((part) => readDecimal(part) ?? NaN)
                : event.target.value,
            )
          }
        />
      )}
    </Box>
  );
}
