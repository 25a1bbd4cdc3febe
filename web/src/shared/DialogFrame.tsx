import { Dialog, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A sheet over the page: a title, what it is about, and what to do with it. Escape leaves it. */
export function DialogFrame({
  title,
  open,
  width,
  onClose,
  footer,
  startsAt,
  children,
}: {
  title: string;
  open: boolean;
  width: string;
  onClose: () => void;
  footer: ReactNode;
  /** The id of the field that is typed in first. */
  startsAt?: string;
  children: ReactNode;
}) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(to) => !to.open && onClose()}
      placement="center"
      scrollBehavior="inside"
      {...(startsAt && { initialFocusEl: () => document.getElementById(startsAt) })}
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="paper.raised" color="ink" maxW={width} mx={3}>
            <Dialog.Header>
              <Dialog.Title>{title}</Dialog.Title>
            </Dialog.Header>
            {/* What scrolls can be reached by keyboard. */}
            <Dialog.Body tabIndex={0}>{children}</Dialog.Body>
            <Dialog.Footer flexWrap="wrap">{footer}</Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
