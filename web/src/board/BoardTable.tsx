import { Box } from "@chakra-ui/react";
import { severities } from "../shown/severity";
import { thin } from "../shared/Units";
import {
  isNarrowed,
  matches,
  type BoardIndex,
  type Filter,
  type Slot,
  type Stub,
} from "../drawing/devices/boardModel";
import { Button, Table } from "../ui";

/** The board as a table: the same slots in the same order, for those who read rows rather than rails. */
export function BoardTable({
  index,
  filter,
  onOpen,
}: {
  index: BoardIndex;
  filter: Filter;
  onOpen: (slot: Slot, stub: Stub | null) => void;
}) {
  const rows = index.slots.flatMap(({ slot, device, rail }) =>
    (slot.stubs.length ? slot.stubs : [null]).map((stub) => ({ slot, device, rail, stub })),
  );
  const shown = rows.filter(
    ({ slot, stub, device }) =>
      !isNarrowed(filter) || (stub && matches(filter, slot, stub, index.wires.get(stub.wireId), device)),
  );
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="The board as a table">
      <Table.Root>
        <Table.Header>
          <Table.Row>
            {[
              "Rail",
              "Device",
              "Slot",
              "What it is",
              "Wire",
              "Size",
              "Colour",
              "Function",
              "Goes to",
              "State",
              "Found",
            ].map((head) => (
              <Table.ColumnHeader key={head}>{head}</Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {shown.map(({ slot, device, rail, stub }) => {
            const wire = stub ? index.wires.get(stub.wireId) : undefined;
            const other = stub?.side === "a" ? wire?.b : wire?.a;
            return (
              <Table.Row
                key={slot.id + (stub?.wireId ?? "") + (stub?.side ?? "")}
                data-table-slot={slot.name}
              >
                <Table.Cell fontFamily="numerals">{rail + 1}</Table.Cell>
                <Table.Cell>
                  {device.name}
                  {device.worst && `, ${severities[device.worst].word.toLowerCase()}`}
                </Table.Cell>
                <Table.Cell>
                  <Button
                    variant="plain"
                    px={0}
                    onClick={() => onOpen(slot, stub)}
                    aria-label={`Open ${slot.name}`}
                  >
                    {slot.mark}
                  </Button>
                </Table.Cell>
                <Table.Cell>{thin(slot.says)}</Table.Cell>
                <Table.Cell>{wire?.name ?? (slot.spare ? "spare" : "nothing")}</Table.Cell>
                <Table.Cell>{thin(wire?.size ?? "")}</Table.Cell>
                <Table.Cell>{wire?.colour}</Table.Cell>
                <Table.Cell>{wire?.function}</Table.Cell>
                <Table.Cell>{stub && (other?.name ?? "nowhere")}</Table.Cell>
                <Table.Cell>
                  {stub?.state}
                  {stub?.olderPlan && ", to an older plan"}
                </Table.Cell>
                <Table.Cell>{slot.worst && severities[slot.worst].word}</Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
      {shown.length === 0 && <Box p={3}>No end is among these.</Box>}
    </Box>
  );
}
