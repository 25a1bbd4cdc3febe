import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A quiet line beside what it is about. */
export function Hint({ id, children }: { id?: string; children: ReactNode }) {
  return (
    <Box as="span" id={id} textStyle="note" color="ink.soft">
      {children}
    </Box>
  );
}
