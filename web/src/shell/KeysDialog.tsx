import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { Fragment } from "react";
import { DialogFrame } from "../shared/DialogFrame";
import { Action } from "../shared/Panel";
import { useRemembered } from "../shared/remembered";

const keys: [string, string][] = [
  ["1 to 8", "Jobs, Board, Cords, Bench, Splices, Findings, Log, Shelf"],
  ["U", "Switch which unit leads"],
  ["T", "Type a wire"],
  ["M", "Type the strip you measured"],
  ["Space", "Hold: turn the stand-in driver"],
  ["W", "Why: show all reasons"],
  ["A", "Actual size, or fitted to the room"],
  ["H", "House rules"],
  ["/", "Search the wires, the board, or the Shelf"],
  ["Arrows, Enter", "On the board: from slot to slot, and open it"],
  ["+ − 0", "On the board: nearer, farther, all of it"],
  ["Ctrl Z", "Undo the last change of a job"],
  ["?", "These keys"],
];

const Key = chakra("kbd", {
  base: {
    fontFamily: "numerals",
    borderWidth: "1px",
    borderColor: "line.strong",
    rounded: "sm",
    px: 2,
    justifySelf: "start",
  },
});

export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [on, setOn] = useRemembered("keys", true);
  return (
    <DialogFrame
      title="Keys"
      open={open}
      width="420px"
      onClose={onClose}
      footer={
        <>
          <Action look="main" onClick={onClose}>
            Close
          </Action>
        </>
      }
    >
      <Grid templateColumns="auto 1fr" gap={2} columnGap={4}>
        {keys.map(([key, does]) => (
          <Fragment key={key}>
            <Key>{key}</Key>
            <Box>{does}</Box>
          </Fragment>
        ))}
      </Grid>
      <Flex as="label" gap={3} mt={5} alignItems="center" minH="44px" cursor="pointer">
        <chakra.input
          type="checkbox"
          w="22px"
          h="22px"
          checked={on}
          onChange={(event) => setOn(event.target.checked)}
        />
        Single keys are on (they never act while you type)
      </Flex>
    </DialogFrame>
  );
}
