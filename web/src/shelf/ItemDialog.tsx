import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useId } from "react";
import { Controller, useForm } from "react-hook-form";
import { NumberField } from "../bench/NumberField";
import type { Person } from "../bench/recording";
import { api, type Schemas } from "../client";
import { CheckField } from "../shared/CheckField";
import { readDecimal } from "../shared/decimal";
import { DialogFrame } from "../shared/DialogFrame";
import { InsideFields } from "../shared/InsideFields";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { itemFields, itemOf, wordOf, type ItemField } from "./itemFields";
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
  const { control, getValues } = useForm<Record<string, unknown>>({
    defaultValues: entry ? { ...entry.item } : {},
  });
  const save = useMutation({
    mutationFn: () => {
      const body = { personId: person?.id ?? "", item: itemOf(kind, getValues()) };
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
          <Controller
            key={field.path}
            control={control}
            name={field.path}
            defaultValue={Array.isArray(field.form) ? field.form[0] : null}
            render={({ field: { value, onChange } }) => (
              <OneField field={field} value={value} onChange={onChange} />
            )}
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
  if (form === "inside")
    return <InsideFields inside={value as Schemas["InsideLink"][] | null} onChange={onChange} />;
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
                {wordOf(word)}
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
