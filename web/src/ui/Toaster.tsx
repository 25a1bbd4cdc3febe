import { createToaster, Toaster as Base, Toast } from "@chakra-ui/react";
import { X } from "lucide-react";

// Out of the hand's way: a phone's buttons are below, a larger screen's dialogs in the middle.
const isPhone = window.matchMedia("(max-width: 47.99rem)").matches;
const toaster = createToaster({
  placement: isPhone ? "top" : "bottom-end",
  max: 3,
  overlap: false,
  pauseOnPageIdle: true,
});

type Deed = (() => void) | undefined;

/** Says what was done, or goes on, with the way back; one of the same id takes the place of the last. */
export function toast(
  title: string,
  { id, undo, cancel, again }: { id?: string; undo?: Deed; cancel?: Deed; again?: Deed } = {},
) {
  const says = {
    title,
    // What goes on stands until it has ended.
    duration: cancel ? Infinity : undo || again ? 10_000 : 5_000,
    closable: true,
    action: undo
      ? { label: "Undo", onClick: undo }
      : cancel
        ? { label: "Cancel", onClick: cancel }
        : again && { label: "Try again", onClick: again },
  };
  if (id && toaster.isVisible(id)) toaster.update(id, says);
  else toaster.create({ ...says, ...(id && { id }) });
}

/** Where the toasts of the page stand. */
export function Toaster() {
  return (
    <Base toaster={toaster} insetInline={{ base: 3, md: 4 }}>
      {(item) => (
        // What is between two toasts is not seen, and takes no click meant for what is under it.
        <Toast.Root css={{ "& [data-ghost]": { pointerEvents: "none" } }}>
          <Toast.Title flex={1}>{item.title}</Toast.Title>
          {item.description && <Toast.Description>{item.description}</Toast.Description>}
          {item.action && <Toast.ActionTrigger>{item.action.label}</Toast.ActionTrigger>}
          <Toast.CloseTrigger aria-label="Close">
            <X aria-hidden />
          </Toast.CloseTrigger>
        </Toast.Root>
      )}
    </Base>
  );
}
