import { Grid, RadioCard } from "@chakra-ui/react";
import type { ComponentProps, ReactNode } from "react";

/** One of several things, each with its picture. */
export function RadioCards<T extends string>({
  label,
  options,
  value,
  onChange,
  columns,
}: {
  label: string;
  options: readonly { value: T; content: ReactNode }[];
  value: T | null;
  onChange: (value: T) => void;
  columns: ComponentProps<typeof Grid>["templateColumns"];
}) {
  return (
    <RadioCard.Root
      value={value}
      onValueChange={(to) => to.value !== null && onChange(to.value as T)}
      aria-label={label}
    >
      <Grid templateColumns={columns} gap={2}>
        {options.map((option) => (
          <RadioCard.Item key={option.value} value={option.value}>
            <RadioCard.ItemHiddenInput />
            {option.content}
          </RadioCard.Item>
        ))}
      </Grid>
    </RadioCard.Root>
  );
}
