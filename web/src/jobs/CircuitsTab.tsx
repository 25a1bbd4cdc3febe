import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { PartForm } from "./PartForm";
import { circuitFields } from "./partFields";
import { Button, Panel, Table } from "../ui";

type Circuit = Schemas["JobPartCircuit"];

const empty = (): Circuit => ({ part: "circuit", id: crypto.randomUUID(), name: "", phases: 1 });

/** The circuits, their breakers and loads. */
export function CircuitsTab({ job }: { job: Schemas["JobOverview"] }) {
  const [open, setOpen] = useState<{ part: Circuit; version: number | null } | null>(null);
  const names = new Map(job.circuits.map(({ part }) => [part.id, part.name]));
  return (
    <Flex direction="column" gap={2} maxW="1000px">
      <Button alignSelf="start" onClick={() => setOpen({ part: empty(), version: null })}>
        Add a circuit
      </Button>
      {job.circuits.length === 0 ? (
        <Panel>No circuit yet: without its breaker nothing tells whether a conductor is large enough.</Panel>
      ) : (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Circuits">
          <Table.Root>
            <Table.Header>
              <Table.Row>
                {["Circuit", "Voltage", "Breaker", "Load", "Wired as", "Shares its neutral", "Edit"].map(
                  (name) => (
                    <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                  ),
                )}
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {job.circuits.map(({ part, version }) => (
                <Table.Row key={part.id}>
                  <Table.Cell fontWeight={700}>{part.name}</Table.Cell>
                  <Table.Cell fontFamily="numerals">
                    {part.volts ? `${part.volts} V${part.phases === 3 ? ", 3 ~" : ""}` : "—"}
                  </Table.Cell>
                  <Table.Cell fontFamily="numerals">{part.ocpdAmps ? `${part.ocpdAmps} A` : "—"}</Table.Cell>
                  <Table.Cell fontFamily="numerals">
                    {part.loadAmps ? `${part.loadAmps} A${part.continuous ? ", for hours" : ""}` : "—"}
                  </Table.Cell>
                  <Table.Cell>{part.method?.replace("-", " ") ?? "—"}</Table.Cell>
                  <Table.Cell>
                    {part.sharesNeutralWith ? `with ${names.get(part.sharesNeutralWith) ?? ""}` : ""}
                  </Table.Cell>
                  <Table.Cell>
                    <Button
                      variant="plain"
                      aria-label={`Edit circuit ${part.name}`}
                      onClick={() => setOpen({ part: { ...part, part: "circuit" }, version })}
                    >
                      Edit
                    </Button>
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      )}
      {open && (
        <PartForm
          title={open.version === null ? "New circuit" : `Circuit ${open.part.name}`}
          part={open.part}
          version={open.version}
          fields={circuitFields(
            job.circuits
              .filter(({ part }) => part.id !== open.part.id)
              .map(({ part }): [string, string] => [part.id, part.name]),
          )}
          onClose={() => setOpen(null)}
        />
      )}
    </Flex>
  );
}
