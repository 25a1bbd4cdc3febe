import { NativeSelect } from "@chakra-ui/react";
import { ChevronDown } from "lucide-react";
import { Field, type FieldProps } from "./Field";

/** One of many: the browser's own list, under its label. */
export function Select<T extends string>({
  id,
  value,
  options,
  onChange,
  ...field
}: FieldProps & {
  id?: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
}) {
  return (
    <Field id={id} {...field}>
      <NativeSelect.Root>
        <NativeSelect.Field value={value} onChange={(event) => onChange(event.target.value as T)}>
          {options.map(([option, text]) => (
            <option key={option} value={option}>
              {text}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator>
          <ChevronDown aria-hidden />
        </NativeSelect.Indicator>
      </NativeSelect.Root>
    </Field>
  );
}
