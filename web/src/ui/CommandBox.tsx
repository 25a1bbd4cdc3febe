import { chakra, Dialog, Portal } from "@chakra-ui/react";
import { Command } from "cmdk";
import type { ReactNode } from "react";

const Root = chakra(Command, {
  base: {
    display: "flex",
    flexDirection: "column",
    minH: 0,
    "& [cmdk-group-heading]": { textStyle: "note", color: "ink.soft", fontWeight: 700, px: 3, pt: 2, pb: 1 },
    "& [cmdk-item]": {
      display: "flex",
      alignItems: "center",
      minH: "target",
      px: 3,
      rounded: "md",
      cursor: "pointer",
      "&[data-selected=true]": { bg: "copper.wash", color: "copper" },
    },
  },
});
const Line = chakra(Command.Input, {
  base: {
    minH: "52px",
    px: 4,
    bg: "transparent",
    color: "ink",
    textStyle: "lead",
    borderBottomWidth: "1px",
    borderColor: "line",
    outline: "none",
    _placeholder: { color: "ink.soft", opacity: 1 },
  },
});
const List = chakra(Command.List, { base: { overflowY: "auto", maxH: "min(60dvh, 480px)", p: 2 } });

/** A line to type in, over the list of what answers to it: arrows choose, Enter goes. */
export function CommandBox({
  label,
  placeholder,
  text,
  onText,
  onClose,
  children,
}: {
  label: string;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open onOpenChange={(to) => !to.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content aria-label={label}>
            <Root shouldFilter={false} label={label} loop>
              <Line autoFocus value={text} onValueChange={onText} placeholder={placeholder} maxLength={80} />
              <List>{children}</List>
            </Root>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
