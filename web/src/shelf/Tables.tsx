import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { trustWords } from "../bench/words";
import { api } from "../client";
import { Action, Panel, PanelTitle } from "../shared/Panel";

const Head = chakra("th", { base: { textAlign: "left", p: 1, pr: 4, fontSize: "14px", color: "ink.soft" } });
const Cell = chakra("td", {
  base: { p: 1, pr: 4, borderTopWidth: "1px", borderColor: "line", fontFamily: "numerals", fontSize: "15px" },
});

/** Every table that the rules use, with its source, its trust, and the rules that read it. */
export function Tables() {
  const tables = useQuery({ queryKey: ["tables"], queryFn: api.tables, staleTime: Infinity });
  const [open, setOpen] = useState<string | null>(null);
  return (
    <Flex direction="column" gap={2}>
      {tables.error && <Box color="stop">{tables.error.message}</Box>}
      {(tables.data ?? []).map((table) => (
        <Panel key={table.name} data-table={table.name}>
          <Flex justifyContent="space-between" alignItems="center" gap={3} flexWrap="wrap">
            <Box minW={0}>
              <strong>{table.title}</strong>{" "}
              <chakra.span color="ink.soft" fontSize="15px">
                {trustWords[table.trust]}. Used by {table.usedBy.join(", ")}.
              </chakra.span>
            </Box>
            <Action
              look="link"
              aria-expanded={open === table.name}
              onClick={() => setOpen(open === table.name ? null : table.name)}
            >
              {open === table.name ? "Close" : "Open"}
              <chakra.span srOnly> {table.title}</chakra.span>
            </Action>
          </Flex>
          {open === table.name && <OneTable name={table.name} />}
        </Panel>
      ))}
    </Flex>
  );
}

function OneTable({ name }: { name: string }) {
  const table = useQuery({ queryKey: ["table", name], queryFn: () => api.table(name), staleTime: Infinity });
  if (!table.data) return <Box>{table.error ? table.error.message : "Opening…"}</Box>;
  return (
    <Box>
      <PanelTitle mt={2}>Where it is from</PanelTitle>
      {table.data.head.map((line, i) => (
        <Box key={i} fontSize="15px">
          {line}
        </Box>
      ))}
      <Box overflowX="auto" mt={2} tabIndex={0} role="region" aria-label={`Rows of ${name}`}>
        <table>
          <thead>
            <tr>
              {table.data.columns.map((column) => (
                <Head key={column}>{column}</Head>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.data.rows.map((row, i) => (
              <tr key={i}>
                {row.map((cell, j) => (
                  <Cell key={j}>{cell}</Cell>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
    </Box>
  );
}
