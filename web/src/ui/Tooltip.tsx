import { Portal, Tooltip as Base } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** What a sign means, on resting on it; never the only place where something is said. */
export function Tooltip({ says, children }: { says: ReactNode; children: ReactNode }) {
  return (
    <Base.Root openDelay={300} closeDelay={50}>
      <Base.Trigger asChild>{children}</Base.Trigger>
      <Portal>
        <Base.Positioner>
          <Base.Content>{says}</Base.Content>
        </Base.Positioner>
      </Portal>
    </Base.Root>
  );
}
