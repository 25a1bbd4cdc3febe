import { Box, chakra } from "@chakra-ui/react";
import type { ComponentProps, ReactNode } from "react";

const Legend = chakra("legend", { base: { textStyle: "note", color: "ink.soft" } });

/** Controls that belong together, under one name. */
export function FieldGroup({
  label,
  hideLabel = false,
  children,
  ...rest
}: ComponentProps<typeof Box> & { label: string; hideLabel?: boolean; children: ReactNode }) {
  return (
    <Box as="fieldset" minW={0} {...rest}>
      <Legend srOnly={hideLabel}>{label}</Legend>
      {children}
    </Box>
  );
}
