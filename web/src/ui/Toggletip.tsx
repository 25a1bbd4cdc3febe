import { Popover, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Button } from "./Button";

/** A small mark that says more when it is tapped, by thumb as by mouse. */
export function Toggletip({
  label,
  sign,
  children,
}: {
  label: string;
  sign: ReactNode;
  children: ReactNode;
}) {
  return (
    <Popover.Root lazyMount positioning={{ placement: "top" }}>
      <Popover.Trigger asChild>
        <Button variant="mark" size="inline" aria-label={label}>
          {sign}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content aria-label={label}>{children}</Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
