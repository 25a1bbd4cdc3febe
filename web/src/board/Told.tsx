import { Box } from "@chakra-ui/react";
import { say, type BoardIndex, type Hit } from "../drawing/devices/boardModel";
import { Tried } from "./Tried";
import type { Carried } from "./useHands";

/** In words: what is pointed at, or what would be found where the end in the hand is held. */
export function Told({
  job,
  enclosure,
  index,
  carried,
  shown,
}: {
  job: string;
  enclosure: string;
  index: BoardIndex;
  carried: Carried | null;
  shown: Hit | null;
}) {
  const wire = carried ? index.wires.get(carried.stub.wireId) : undefined;
  return (
    <Box role="status" minH="24px" textStyle="body" data-told>
      {carried?.over && wire ? (
        <Tried job={job} enclosure={enclosure} wire={wire} side={carried.stub.side} onto={carried.over} />
      ) : (
        shown && say(shown.slot, shown.stub, shown.stub ? index.wires.get(shown.stub.wireId) : undefined)
      )}
    </Box>
  );
}
