import { Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { Controller, useForm } from "react-hook-form";
import { NumberField } from "../shared/NumberField";
import { api, type Schemas } from "../client";
import { readDecimal } from "../shared/decimal";
import { InsideFields } from "../shared/InsideFields";
import { itemFields, itemOf, wordOf, type ItemField } from "./itemFields";
import type { ShelfKind } from "./ShelfPage";
import { Button, Checkbox, Dialog, ErrorMessage, Select, TextField } from "../ui";

interface Props {
  kind: ShelfKind;
  entry: Schemas["ShelfEntry"] | null;
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
export function ItemDialog({ kind, entry, onClose, onDone }: Props) {
  const fields = [...common, ...(kind === "landing" ? [] : itemFields[kind])];
  const { control, getValues } = useForm<Record<string, unknown>>({
    defaultValues: entry ? { ...entry.item } : {},
  });
  const save = useMutation({
    mutationFn: () => {
      const body = { item: itemOf(kind, getValues()) };
      return entry ? api.changeOnShelf(entry.id, entry.version, body) : api.putOnShelf(body);
    },
    onSuccess: (done) => {
      onDone(done.batch, `Saved ${done.entry?.item.code ?? "it"}.`);
      onClose();
    },
  });
  return (
    <Dialog
      title={entry ? `Edit ${entry.item.code}` : "Add to the Shelf"}
      open
      size="md"
      onClose={onClose}
      footer={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button variant="solid" disabled={save.isPending} onClick={() => save.mutate()}>
            Save
          </Button>
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
        <ErrorMessage of={save.error} />
      </Flex>
    </Dialog>
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
  const { form, label } = field;
  if (form === "number")
    return <NumberField label={label} value={typeof value === "number" ? value : null} onChange={onChange} />;
  if (form === "inside")
    return <InsideFields inside={value as Schemas["InsideLink"][] | null} onChange={onChange} />;
  if (form === "flag")
    return (
      <Checkbox checked={value === true} onChange={onChange}>
        {label}
      </Checkbox>
    );
  if (Array.isArray(form))
    return (
      <Select
        label={label}
        value={String(value ?? "")}
        options={form.map((option): [string, string] => [option, wordOf(option)])}
        onChange={onChange}
      />
    );
  return (
    <TextField
      label={label}
      maxLength={200}
      type={form === "date" ? "date" : "text"}
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
  );
}
