import { Box, chakra, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { meanings } from "./ImportColumns";
import { jobApi } from "../job/jobApi";
import { Button, Panel, PanelTitle, Table, TextField } from "../ui";

type Row = Schemas["PreviewRow"];
type Correction = Schemas["CellCorrection"];

const does = { add: "new", change: "changed", nothing: "there already", wrong: "wrong" } as const;
/** Each row as it was read; those that are wrong first, where each cell can be put right. */
export function ImportRows({
  id,
  preview,
  onCorrect,
}: {
  id: string;
  preview: Schemas["ListPreview"];
  onCorrect: (corrections: Correction[]) => void;
}) {
  const more = useInfiniteQuery({
    queryKey: ["import", id, "rows", preview.settings],
    queryFn: ({ pageParam }) => jobApi.import(id, pageParam),
    initialPageParam: preview.next ?? 0,
    getNextPageParam: (page) => page.preview?.next ?? undefined,
    enabled: false,
  });
  const rows = [...preview.rows, ...(more.data?.pages.flatMap((page) => page.preview?.rows ?? []) ?? [])];
  const hasMore = more.data ? more.hasNextPage : preview.next !== null;
  const wrong = rows.filter((row) => row.does === "wrong");
  const right = rows.filter((row) => row.does !== "wrong");
  return (
    <>
      {wrong.length > 0 && (
        <Panel as="section" aria-label="Rows that are wrong">
          <PanelTitle>Rows that are wrong</PanelTitle>
          {wrong.map((row, i) => (
            <WrongRow key={`${row.row}-${i}`} row={row} onCorrect={onCorrect} />
          ))}
        </Panel>
      )}
      <Panel as="section" aria-label="Rows as they were read">
        <PanelTitle>Rows as they were read</PanelTitle>
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Rows">
          <Table.Root>
            <Table.Header>
              <Table.Row>
                {[
                  "Row",
                  "It is",
                  "Wire",
                  "From",
                  "To",
                  "Conductor",
                  "Colour",
                  "Function",
                  "Circuit",
                  "Length",
                  "Changes",
                ].map((name) => (
                  <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                ))}
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {right.map((row, i) => (
                <Table.Row key={`${row.row}-${i}`} data-preview={row.wire} data-does={row.does}>
                  <Table.Cell fontFamily="numerals">{row.row}</Table.Cell>
                  <Table.Cell color={row.does === "nothing" ? "ink.soft" : undefined}>
                    {does[row.does]}
                  </Table.Cell>
                  {[
                    row.wire,
                    row.from,
                    row.to,
                    row.conductor,
                    row.colour,
                    row.function,
                    row.circuit,
                    row.length,
                  ].map((text, j) => (
                    <Table.Cell key={j}>{thin(text ?? "")}</Table.Cell>
                  ))}
                  <Table.Cell>
                    {row.changes.map((change) => (
                      <Box key={change.column}>
                        {meanings[change.column]}: {thin(change.was || "nothing")} →{" "}
                        {thin(change.is || "nothing")}
                      </Box>
                    ))}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
        {hasMore && (
          <Button
            disabled={more.isFetching}
            onClick={() => void (more.data ? more.fetchNextPage() : more.refetch())}
          >
            More rows
          </Button>
        )}
      </Panel>
    </>
  );
}

function WrongRow({ row, onCorrect }: { row: Row; onCorrect: (corrections: Correction[]) => void }) {
  const [typed, setTyped] = useState<Partial<Record<Correction["column"], string>>>({});
  const fields = [...new Set(row.problems.flatMap((problem) => (problem.column ? [problem.column] : [])))];
  const put = () =>
    onCorrect(
      Object.entries(typed).map(([column, text]) => ({
        row: row.row,
        column: column as Correction["column"],
        text,
      })),
    );
  return (
    <Box py={2} borderTopWidth="1px" borderColor="line" data-wrong={row.row}>
      <Box>
        Row <chakra.span fontFamily="numerals">{row.row}</chakra.span>
        {row.wire && `, wire ${row.wire}`}
      </Box>
      {row.problems.map((problem, i) => (
        <Box key={i} color="stop">
          {problem.column && <strong>{meanings[problem.column]}: </strong>}
          {thin(problem.says)}
        </Box>
      ))}
      <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
        {fields.map((column) => (
          <Box key={column}>
            <TextField
              id={`cell-${row.row}-${column}`}
              label={meanings[column]}
              w="180px"
              autoComplete="off"
              maxLength={200}
              value={typed[column] ?? row.cells.find((cell) => cell.column === column)?.text ?? ""}
              onChange={(event) => setTyped({ ...typed, [column]: event.target.value })}
              onKeyDown={(event) => event.key === "Enter" && put()}
            />
          </Box>
        ))}
        <Button disabled={Object.keys(typed).length === 0} onClick={put}>
          Correct
        </Button>
      </Flex>
    </Box>
  );
}
