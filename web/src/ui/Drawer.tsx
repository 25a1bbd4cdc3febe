import { Drawer as Base, Portal } from "@chakra-ui/react";
import { X } from "lucide-react";
import type { ReactNode } from "react";
import { Button } from "./Button";

/** A sheet from below, over the page: how a phone shows what stands beside the work on a larger screen. */
export function Drawer({
  title,
  open,
  onClose,
  onClosed,
  children,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  /** Once it is gone from the page. */
  onClosed?: () => void;
  children: ReactNode;
}) {
  return (
    <Base.Root
      open={open}
      placement="bottom"
      onOpenChange={(to) => !to.open && onClose()}
      {...(onClosed && { onExitComplete: onClosed })}
    >
      <Portal>
        <Base.Backdrop />
        <Base.Positioner>
          <Base.Content maxH="85dvh">
            <Base.Header>
              <Base.Title>{title}</Base.Title>
              <Base.CloseTrigger asChild>
                <Button variant="ghost" size="icon" aria-label="Close">
                  <X aria-hidden />
                </Button>
              </Base.CloseTrigger>
            </Base.Header>
            <Base.Body tabIndex={0}>{children}</Base.Body>
          </Base.Content>
        </Base.Positioner>
      </Portal>
    </Base.Root>
  );
}
