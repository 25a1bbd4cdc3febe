import { Box, chakra } from "@chakra-ui/react";
import {
  getCoreRowModel,
  getExpandedRowModel,
  getGroupedRowModel,
  useReactTable,
  type ColumnDef,
} from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useMemo, useRef } from "react";
import type { Wire } from "../job/jobApi";
import { useGridKeys } from "./useGridKeys";
import { useIsPrinting } from "../shared/useIsPrinting";
import { wireColumns } from "./wireColumns";
import { leadWidth, stateWidth, WireRowCells } from "./WireRowCells";
import type { Grouping } from "./WiresTab";

const rowHeight = 44;
const fullWidth = leadWidth + stateWidth * 2 + wireColumns.reduce((width, column) => width + column.width, 0);

const Head = chakra("div", {
  base: { p: 2, textStyle: "note", fontWeight: 700, color: "ink.soft", flex: "none", bg: "paper.raised" },
});

const columns: ColumnDef<Wire>[] = [
  ...wireColumns.map((column): ColumnDef<Wire> => ({ id: column.field, accessorFn: column.of })),
  {
    id: "enclosure",
    accessorFn: (wire) => wire.from.split("/")[0] || wire.to.split("/")[0] || "nowhere yet",
  },
];

/** The list as a sheet of cells. Only the rows in view are there; the last one is empty and makes a new wire. */
export function WireGrid({
  job,
  wires,
  grouping,
  enclosure,
  onOpen,
}: {
  job: string;
  wires: Wire[];
  grouping: Grouping;
  enclosure: string;
  onOpen: (wire: string, side: "a" | "b") => void;
}) {
  // eslint-disable-next-line react-hooks/incompatible-library -- the table makes its functions anew; nothing memoised is given them
  const table = useReactTable({
    data: wires,
    columns,
    getCoreRowModel: getCoreRowModel(),
    getGroupedRowModel: getGroupedRowModel(),
    getExpandedRowModel: getExpandedRowModel(),
    getRowId: (wire) => wire.wire.id,
    autoResetAll: false,
    state: { grouping: grouping === "none" ? [] : [grouping], expanded: true },
  });
  const { rows } = table.getRowModel();
  const shown = useMemo(
    () => [
      ...rows.map((row) =>
        row.getIsGrouped()
          ? { group: `${String(row.groupingValue) || "none"} · ${row.subRows.length} wires`, wire: null }
          : { group: null, wire: row.original },
      ),
      { group: null, wire: null },
    ],
    [rows],
  );
  const isPrinting = useIsPrinting();
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    // On paper every row is there.
    overscan: isPrinting ? shown.length : 8,
  });
  const grid = useGridKeys({ job, enclosure, rows: shown, scrollTo: (row) => virtual.scrollToIndex(row) });
  return (
    <Box
      ref={scroller}
      role="grid"
      aria-label="Wires"
      aria-rowcount={shown.length + 1}
      h="calc(100dvh - 330px)"
      minH="260px"
      overflow="auto"
      _print={{ h: "auto", overflow: "visible", zoom: 0.55 }}
      borderWidth="1px"
      borderColor="line"
      rounded="md"
      bg="paper.raised"
      onKeyDown={grid.onKeyDown}
      onPaste={grid.onPaste}
    >
      <Box w={`${fullWidth}px`} minW="100%">
        <Heads />
        <Box role="rowgroup" position="relative" h={`${virtual.getTotalSize()}px`}>
          {virtual.getVirtualItems().map((item) => {
            const row = shown[item.index];
            return (
              row && (
                <Box
                  key={item.key}
                  role="row"
                  aria-rowindex={item.index + 2}
                  data-row={row.wire?.wire.name ?? (row.group ? undefined : "new")}
                  display="flex"
                  position="absolute"
                  insetX={0}
                  h={`${rowHeight}px`}
                  style={{ transform: `translateY(${item.start}px)` }}
                  borderBottomWidth="1px"
                  borderColor="line"
                  alignItems="stretch"
                >
                  {row.group ? (
                    <Box
                      role="gridcell"
                      aria-colspan={wireColumns.length + 3}
                      p={2}
                      fontWeight={700}
                      bg="paper.sunk"
                      flex={1}
                    >
                      {row.group}
                    </Box>
                  ) : (
                    <WireRowCells wire={row.wire} row={item.index} grid={grid} onOpen={onOpen} />
                  )}
                </Box>
              )
            );
          })}
        </Box>
      </Box>
    </Box>
  );
}

/** The names of the columns; they stay in sight. */
function Heads() {
  return (
    <Box
      role="row"
      display="flex"
      position="sticky"
      top={0}
      zIndex={2}
      borderBottomWidth="1px"
      borderColor="line.strong"
    >
      <Head role="columnheader" w={`${leadWidth}px`}>
        <chakra.span srOnly>Worst finding</chakra.span>
      </Head>
      {wireColumns.map((column) => (
        <Head key={column.field} role="columnheader" w={`${column.width}px`}>
          {column.name}
        </Head>
      ))}
      <Head role="columnheader" w={`${stateWidth}px`}>
        End A
      </Head>
      <Head role="columnheader" w={`${stateWidth}px`}>
        End B
      </Head>
    </Box>
  );
}
