import { Box, chakra, Flex } from "@chakra-ui/react";
import { X } from "lucide-react";
import { memo, useState } from "react";
import { BridgesAt } from "../job/BridgesAt";
import { EndSheet } from "../job/EndSheet";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import {
  opened,
  type BoardIndex,
  type BoardWire,
  type Side,
  type Slot,
  type Stub,
} from "../drawing/devices/boardModel";
import { Connected } from "./Connected";
import { Remedies } from "./Remedies";
import { Button, Panel, TextField } from "../ui";

/** The slot that is open, beside the board: its ends, one of them with all that is known of it. */
export const SlotPanel = memo(function SlotPanel({
  job: { title, bridges },
  index,
  slotId,
  end,
  onStub,
  onMove,
  onLook,
  onChangeLanding,
  onTrace,
  onClose,
}: {
  job: Schemas["JobOverview"];
  index: BoardIndex;
  slotId: string;
  end: string | null;
  onStub: (stub: Stub) => void;
  onMove: (wire: BoardWire, side: Side, to: string) => void;
  onLook: (landing: string | null) => void;
  onChangeLanding: (slot: Slot) => void;
  onTrace: (wires: string[] | null) => void;
  onClose: () => void;
}) {
  const { slot, stub } = opened(index, slotId, end);
  const wire = stub ? index.wires.get(stub.wireId) : undefined;
  if (!slot) return null;
  return (
    <Panel
      as="section"
      aria-label={`Slot ${slot.name}`}
      data-slot-panel={slot.name}
      position={{ lg: "sticky" }}
      top={{ lg: 2 }}
      maxH={{ lg: "calc(100dvh - 32px)" }}
      overflowY={{ lg: "auto" }}
      alignSelf="start"
    >
      <Flex justifyContent="space-between" gap={2} alignItems="flex-start">
        <Box>
          <chakra.h2 textStyle="heading">{slot.name}</chakra.h2>
          <Box color="ink.soft">{thin(slot.says)}</Box>
        </Box>
        <Button variant="ghost" size="icon" onClick={onClose} aria-label="Close the slot">
          <X aria-hidden size={20} />
        </Button>
      </Flex>
      {slot.stubs.length + slot.more > 1 && (
        <Flex gap={1} flexWrap="wrap" my={2} role="group" aria-label="Wires here">
          {slot.stubs.map((one) => (
            <Button
              key={one.wireId + one.side}
              variant={one.wireId === stub?.wireId && one.side === stub.side ? "solid" : "outline"}
              aria-pressed={one.wireId === stub?.wireId && one.side === stub.side}
              onClick={() => onStub(one)}
            >
              {index.wires.get(one.wireId)?.name}
            </Button>
          ))}
          {slot.more > 0 && <Box alignSelf="center">and {slot.more} more</Box>}
        </Flex>
      )}
      <BridgesAt bridges={bridges} index={index} slot={slot.id} />
      <Connected key={slot.id} job={title.id} slot={slot.id} onTrace={onTrace} />
      {stub && wire ? (
        <EndSheet job={title.id} wire={wire.id} side={stub.side} onSide={(side) => onStub({ ...stub, side })}>
          <Remedies key={wire.id + stub.side} job={title.id} wire={wire} side={stub.side} onLook={onLook} />
          <MoveTo
            key={wire.id + stub.side + String(wire.version)}
            wire={wire}
            side={stub.side}
            onMove={onMove}
          />
        </EndSheet>
      ) : (
        <Box my={3}>{slot.spare ? "Left free on purpose." : "Nothing lands here."}</Box>
      )}
      <Button variant="plain" onClick={() => onChangeLanding(slot)}>
        Edit the landing
      </Button>
    </Panel>
  );
});

/** Where this end lands, typed. */
function MoveTo({
  wire,
  side,
  onMove,
}: {
  wire: BoardWire;
  side: Side;
  onMove: (wire: BoardWire, side: Side, to: string) => void;
}) {
  const there = wire[side]?.name ?? "";
  const [text, setText] = useState(there);
  const moved = text.trim() !== there;
  return (
    <Flex gap={2} alignItems="flex-end" mt={3}>
      <Box flex={1}>
        <TextField
          id="move-to"
          label="Lands at"
          value={text}
          maxLength={200}
          autoComplete="off"
          placeholder="DCP/X1:5"
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && moved && onMove(wire, side, text.trim())}
        />
      </Box>
      <Button disabled={!moved} onClick={() => onMove(wire, side, text.trim())}>
        Move
      </Button>
    </Flex>
  );
}
