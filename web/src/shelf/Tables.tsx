import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { trustWords } from "../shown/words";
import { api } from "../client";
import { Button, ErrorMessage, Loading, Panel, PanelTitle, Table } from "../ui";

/** Every table that the rules use, with its source, its trust, and the rules that read it. */
export function Tables() {
  const tables = useQuery({ queryKey: ["tables"], queryFn: api.tables, staleTime: Infinity });
  // Led to by its name, it is open.
  const asked = useSearchParams()[0].get("table");
  const [open, setOpen] = useState<string | null>(asked);
  return (
    <Flex direction="column" gap={2}>
      {tables.error && <Box color="stop">{tables.error.message}</Box>}
      {(tables.data ?? []).map((table) => (
        <Panel key={table.name} data-table={table.name}>
          <Flex justifyContent="space-between" alignItems="center" gap={3} flexWrap="wrap">
            <Box minW={0}>
              <strong>{table.title}</strong>{" "}
              <chakra.span color="ink.soft" textStyle="dense">
                {trustWords[table.trust]}. Used by {table.usedBy.join(", ")}.
              </chakra.span>
            </Box>
            <Button
              variant="plain"
              aria-expanded={open === table.name}
              onClick={() => setOpen(open === table.name ? null : table.name)}
            >
              {open === table.name ? "Close" : "Open"}
              <chakra.span srOnly> {table.title}</chakra.span>
            </Button>
          </Flex>
          {open === table.name && <OneTable name={table.name} />}
        </Panel>
      ))}
    </Flex>
  );
}

function OneTable({ name }: { name: string }) {
  const table = useQuery({ queryKey: ["table", name], queryFn: () => api.table(name), staleTime: Infinity });
  if (table.error) return <ErrorMessage of={table.error} />;
  if (!table.data) return <Loading what="Opening the table…" />;
  return (
    <Box>
      <PanelTitle mt={2}>Where it is from</PanelTitle>
      {table.data.head.map((line, i) => (
        <Box key={i} textStyle="dense">
          {line}
        </Box>
      ))}
      <Box overflowX="auto" mt={2} tabIndex={0} role="region" aria-label={`Rows of ${name}`}>
        <Table.Root>
          <Table.Header>
            <Table.Row>
              {table.data.columns.map((column) => (
                <Table.ColumnHeader key={column}>{column}</Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {table.data.rows.map((row, i) => (
              <Table.Row key={i}>
                {row.map((cell, j) => (
                  <Table.Cell key={j}>{cell}</Table.Cell>
                ))}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Box>
    </Box>
  );
}
