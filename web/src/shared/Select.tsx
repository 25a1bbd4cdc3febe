import { Box, chakra } from "@chakra-ui/react";
import { useId } from "react";
import { FieldLabel } from "./Panel";

const Native = chakra("select", {
  base: {
    minH: "44px",
    w: "100%",
    px: 2,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper",
    color: "ink",
    fontSize: "16px",
  },
});

/** One of many: the browser's own list, under its label. */
export function Select<T extends string>({
  label,
  value,
  options,
  onChange,
  hideLabel = false,
}: {
  label: string;
  value: T;
  options: [T, string][];
  onChange: (value: T) => void;
  hideLabel?: boolean;
}) {
  const id = useId();
  return (
    <Box minW="110px">
      {!hideLabel && <FieldLabel htmlFor={id}>{label}</FieldLabel>}
      <Native
        id={id}
        aria-label={hideLabel ? label : undefined}
        value={value}
        onChange={(event) => onChange(event.target.value as T)}
      >
        {options.map(([option, text]) => (
          <option key={option} value={option}>
            {text}
          </option>
        ))}
      </Native>
    </Box>
  );
}
