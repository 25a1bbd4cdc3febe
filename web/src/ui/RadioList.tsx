import { RadioGroup } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { overBox } from "./overBox";

/** One of several sentences, one below the other. */
export function RadioList<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly (readonly [T, ReactNode])[];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <RadioGroup.Root
      value={value}
      onValueChange={(to) => to.value !== null && onChange(to.value as T)}
      aria-label={label}
    >
      {options.map(([option, text]) => (
        <RadioGroup.Item key={option} value={option}>
          <RadioGroup.ItemHiddenInput style={overBox} />
          <RadioGroup.ItemIndicator />
          <RadioGroup.ItemText>{text}</RadioGroup.ItemText>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
