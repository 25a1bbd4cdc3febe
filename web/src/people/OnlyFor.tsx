import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { useSession, type Right } from "./session";

/** What needs a right; whoever has it not reads whose it is instead. */
export function OnlyFor({ right, children }: { right: Right; children?: ReactNode }) {
  const says = useSession().refusal(right);
  if (!says) return children;
  return (
    <Box role="note" textStyle="dense" color="ink.soft" data-only-for={right}>
      {says}
    </Box>
  );
}
