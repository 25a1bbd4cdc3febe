import { SegmentGroup } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** One of a few, side by side: radio buttons, so arrow keys work as everywhere. */
export function Segments<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly (readonly [T, ReactNode])[];
  value: T | null;
  onChange: (value: T) => void;
}) {
  return (
    <SegmentGroup.Root
      value={value}
      onValueChange={(to) => to.value !== null && onChange(to.value as T)}
      aria-label={label}
    >
      {options.map(([option, text]) => (
        <SegmentGroup.Item key={option} value={option}>
          <SegmentGroup.ItemText>{text}</SegmentGroup.ItemText>
          <SegmentGroup.ItemHiddenInput />
        </SegmentGroup.Item>
      ))}
    </SegmentGroup.Root>
  );
}
