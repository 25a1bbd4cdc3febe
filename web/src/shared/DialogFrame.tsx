import { Dialog, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A sheet over the page: a title, what it is about, and what to do with it. Escape leaves it. */
export function DialogFrame({
  title,
  open,
  width,
  onClose,
  footer,
  children,
}: {
  title: string;
  open: boolean;
  width: string;
  onClose: () => void;
  footer: ReactNode;
  children: ReactNode;
}) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(to) => !to.open && onClose()}
      placement="center"
      scrollBehavior="inside"
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
