import { Box, chakra } from "@chakra-ui/react";
import { severities } from "../jobs/severity";
import { thin } from "../shared/Units";
import { isNarrowed, matches, type BoardIndex, type Filter, type Slot, type Stub } from "./boardModel";

const Cell = chakra("td", {
  base: { p: 2, borderTopWidth: "1px", borderColor: "line", verticalAlign: "top" },
});
const Head = chakra("th", { base: { p: 2, textAlign: "start", fontSize: "14px", color: "ink.soft" } });
const Open = chakra("button", {
  base: {
    minH: "44px",
    minW: "44px",
    textAlign: "start",
    fontWeight: 700,
    textDecoration: "underline",
    cursor: "pointer",
  },
});

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
      <chakra.table w="100%" fontSize="15px">
        <thead>
          <tr>
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
              <Head key={head}>{head}</Head>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map(({ slot, device, rail, stub }) => {
            const wire = stub ? index.wires.get(stub.wireId) : undefined;
            const other = stub?.side === "a" ? wire?.b : wire?.a;
            return (
              <tr key={slot.id + (stub?.wireId ?? "") + (stub?.side ?? "")} data-table-slot={slot.name}>
                <Cell fontFamily="numerals">{rail + 1}</Cell>
                <Cell>
                  {device.name}
                  {device.worst && `, ${severities[device.worst].word.toLowerCase()}`}
                </Cell>
                <Cell>
                  <Open onClick={() => onOpen(slot, stub)} aria-label={`Open ${slot.name}`}>
                    {slot.mark}
                  </Open>
                </Cell>
                <Cell>{thin(slot.says)}</Cell>
                <Cell>{wire?.name ?? (slot.spare ? "spare" : "nothing")}</Cell>
                <Cell>{thin(wire?.size ?? "")}</Cell>
                <Cell>{wire?.colour}</Cell>
                <Cell>{wire?.function}</Cell>
                <Cell>{stub && (other?.name ?? "nowhere")}</Cell>
                <Cell>
                  {stub?.state}
                  {stub?.olderPlan && ", to an older plan"}
                </Cell>
                <Cell>{slot.worst && severities[slot.worst].word}</Cell>
              </tr>
            );
          })}
        </tbody>
      </chakra.table>
      {shown.length === 0 && <Box p={3}>No end is among these.</Box>}
    </Box>
  );
}
