import { Box, chakra } from "@chakra-ui/react";
import type { ComponentProps } from "react";

/** A sheet of paper on the bench. */
export function Panel(props: ComponentProps<typeof Box>) {
  return (
    <Box bg="paper.raised" borderWidth="1px" borderColor="line" rounded="lg" p={3} minW={0} {...props} />
  );
}

/** A panel of fields, one below the other. */
export const FieldsPanel = (props: ComponentProps<typeof Box>) => (
  <Panel display="flex" flexDirection="column" gap={3} {...props} />
);

/** The line over a panel. */
export const PanelTitle = chakra("h2", { base: { textStyle: "kicker", color: "ink.soft" } });
