import { Dialog as Base, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A sheet over the page: a title, what it is about, and what to do with it. Escape leaves it. On a phone it comes from below. */
export function Dialog({
  title,
  open,
  size = "md",
  onClose,
  footer,
  startsAt,
  children,
}: {
  title: string;
  open: boolean;
  size?: "sm" | "md" | "lg" | "xl";
  onClose: () => void;
  footer: ReactNode;
  /** The id of the field that is typed in first. */
  startsAt?: string | undefined;
  children: ReactNode;
}) {
  return (
    <Base.Root
      open={open}
      size={size}
      onOpenChange={(to) => !to.open && onClose()}
      {...(startsAt && { initialFocusEl: () => document.getElementById(startsAt) })}
    >
      <Portal>
        <Base.Backdrop />
        <Base.Positioner>
          <Base.Content>
            <Base.Header>
              <Base.Title>{title}</Base.Title>
            </Base.Header>
            {/* What scrolls can be reached by keyboard. */}
            <Base.Body tabIndex={0}>{children}</Base.Body>
            <Base.Footer>{footer}</Base.Footer>
          </Base.Content>
        </Base.Positioner>
      </Portal>
    </Base.Root>
  );
}
