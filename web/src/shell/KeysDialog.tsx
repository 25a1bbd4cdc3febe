import { Box, Grid } from "@chakra-ui/react";
import { Fragment } from "react";
import { useRemembered } from "../shared/remembered";
import { Button, Checkbox, Dialog, Kbd } from "../ui";

const keys: [string, string][] = [
  ["1 to 9", "Jobs, Board, Cords, Bench, Splices, Run, Findings, Log, Shelf"],
  ["Ctrl K", "Search everywhere: places, jobs, wires, landings, the Shelf, tables"],
  ["U", "Switch which unit leads"],
  ["T", "Type a wire"],
  ["M", "Type the strip you measured"],
  ["Space", "Hold: turn the stand-in driver"],
  ["W", "Why: show all reasons"],
  ["A", "Actual size, or fitted to the room"],
  ["H", "House rules"],
  ["/", "Search the wires, the board, or the Shelf"],
  ["Arrows, Enter", "On the board: from slot to slot, and open it"],
  ["+ − 0", "On the board: zoom in, zoom out, fit"],
  ["Enter, Page Down", "In a run: done, next"],
  ["Backspace", "In a run: back"],
  ["Ctrl Z", "Undo the last change of a job"],
  ["?", "These keys"],
];

export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [on, setOn] = useRemembered("keys", true);
  return (
    <Dialog
      title="Keys"
      open={open}
      size="sm"
      onClose={onClose}
      footer={
        <Button variant="solid" onClick={onClose}>
          Close
        </Button>
      }
    >
      <Grid templateColumns="auto 1fr" gap={2} columnGap={4}>
        {keys.map(([key, does]) => (
          <Fragment key={key}>
            <Kbd justifySelf="start" alignSelf="start">
              {key}
            </Kbd>
            <Box>{does}</Box>
          </Fragment>
        ))}
      </Grid>
      <Box mt={4}>
        <Checkbox checked={on} onChange={setOn}>
          Single keys are on (they never act while you type)
        </Checkbox>
      </Box>
    </Dialog>
  );
}
