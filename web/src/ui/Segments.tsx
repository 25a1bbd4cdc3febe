import { Box, SegmentGroup } from "@chakra-ui/react";
import { useId, type ReactNode } from "react";
import { Hint } from "./Hint";

/** One of a few, side by side: radio buttons, so arrow keys work as everywhere. */
export function Segments<T extends string>({
  label,
  options,
  value,
  onChange,
  showLabel = false,
}: {
  label: string;
  options: readonly (readonly [T, ReactNode])[];
  value: T | null;
  onChange: (value: T) => void;
  showLabel?: boolean;
}) {
  const id = useId();
  const group = (
    <SegmentGroup.Root
      value={value}
      onValueChange={(to) => to.value !== null && onChange(to.value as T)}
      {...(showLabel ? { "aria-labelledby": id } : { "aria-label": label })}
    >
      {options.map(([option, text]) => (
        <SegmentGroup.Item key={option} value={option}>
          <SegmentGroup.ItemText>{text}</SegmentGroup.ItemText>
          <SegmentGroup.ItemHiddenInput />
        </SegmentGroup.Item>
      ))}
    </SegmentGroup.Root>
  );
  if (!showLabel) return group;
  return (
    <Box>
      <Hint id={id}>{label}</Hint>
      {group}
    </Box>
  );
}
