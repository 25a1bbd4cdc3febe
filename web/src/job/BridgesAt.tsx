import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import type { BoardIndex } from "../drawing/devices/boardModel";
import { Button } from "../ui";
import { BridgeForm } from "./BridgeForm";
import { bridgeable, bridgeForms, newBridge, terminalsOf, type Bridge, type JobBridge } from "./bridges";

/** The bridges that sit in a slot, and one more. */
export function BridgesAt({
  bridges,
  index,
  slot,
}: {
  bridges: Schemas["JobOverview"]["bridges"];
  index: BoardIndex;
  slot: string;
}) {
  const [open, setOpen] = useState<{ part: JobBridge; version: number | null } | null>(null);
  const here = bridges.filter(({ part }) => part.landings.includes(slot));
  return (
    <Flex gap={1} flexWrap="wrap" alignItems="center" my={2}>
      <BridgeList
        bridges={here}
        index={index}
        onOpen={({ part, version }) => setOpen({ part: { ...part, part: "bridge" }, version })}
      />
      {bridgeable(index, slot).length > 1 && (
        <Button onClick={() => setOpen({ part: newBridge(index, slot), version: null })}>Add a bridge</Button>
      )}
      {open && <BridgeForm {...open} index={index} onClose={() => setOpen(null)} />}
    </Flex>
  );
}

/** Bridges by their terminals, each to be opened. */
export const BridgeList = ({
  bridges,
  index,
  onOpen,
}: {
  bridges: Bridge[];
  index: BoardIndex;
  onOpen: (bridge: Bridge) => void;
}) =>
  bridges.map((bridge) => (
    <Button
      key={bridge.part.id}
      variant="tile"
      gap={0}
      px={2}
      py={1}
      rounded="md"
      onClick={() => onOpen(bridge)}
      data-bridge={terminalsOf(bridge.part, index)}
      aria-label={`Edit the bridge ${terminalsOf(bridge.part, index)}`}
    >
      <Box fontWeight={700} textStyle="dense">
        {terminalsOf(bridge.part, index)}
      </Box>
      <Box textStyle="note" color="ink.soft">
        {bridgeForms[bridge.part.form ?? "plug-in"]}
        {bridge.part.ratingAmps && `, ${bridge.part.ratingAmps} A`}
      </Box>
    </Button>
  ));
