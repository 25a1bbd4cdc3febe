import { Box, chakra, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { Action, Panel } from "../shared/Panel";
import { PartForm } from "./PartForm";
import { circuitFields } from "./partFields";

type Circuit = Schemas["JobPartCircuit"];

const Cell = chakra("td", { base: { p: 2, borderTopWidth: "1px", borderColor: "line" } });
const Head = chakra("th", { base: { p: 2, textAlign: "start", fontSize: "14px", color: "ink.soft" } });

const empty = (): Circuit => ({ part: "circuit", id: crypto.randomUUID(), name: "", phases: 1 });

/** The circuits, their breakers and loads. */
export function CircuitsTab({ job }: { job: Schemas["JobOverview"] }) {
  const [open, setOpen] = useState<{ part: Circuit; version: number | null } | null>(null);
  const names = new Map(job.circuits.map(({ part }) => [part.id, part.name]));
  return (
    <Flex direction="column" gap={2} maxW="1000px">
      <Action alignSelf="start" onClick={() => setOpen({ part: empty(), version: null })}>
        Add a circuit
      </Action>
      {job.circuits.length === 0 ? (
        <Panel>No circuit yet: without its breaker nothing tells whether a conductor is large enough.</Panel>
      ) : (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Circuits">
          <chakra.table w="100%" fontSize="15px">
            <thead>
              <tr>
                {["Circuit", "Voltage", "Breaker", "Load", "Wired as", "Shares its neutral", "Change"].map(
                  (name) => (
                    <Head key={name}>{name}</Head>
                  ),
                )}
              </tr>
            </thead>
            <tbody>
              {job.circuits.map(({ part, version }) => (
                <tr key={part.id}>
                  <Cell fontWeight={700}>{part.name}</Cell>
                  <Cell fontFamily="numerals">
                    {part.volts ? `${part.volts} V${part.phases === 3 ? ", 3 ~" : ""}` : "—"}
                  </Cell>
                  <Cell fontFamily="numerals">{part.ocpdAmps ? `${part.ocpdAmps} A` : "—"}</Cell>
                  <Cell fontFamily="numerals">
                    {part.loadAmps ? `${part.loadAmps} A${part.continuous ? ", for hours" : ""}` : "—"}
                  </Cell>
                  <Cell>{part.method?.replace("-", " ") ?? "—"}</Cell>
                  <Cell>
                    {part.sharesNeutralWith ? `with ${names.get(part.sharesNeutralWith) ?? ""}` : ""}
                  </Cell>
                  <Cell>
                    <Action
                      look="link"
                      aria-label={`Change circuit ${part.name}`}
                      onClick={() => setOpen({ part: { ...part, part: "circuit" }, version })}
                    >
                      Change
                    </Action>
                  </Cell>
                </tr>
              ))}
            </tbody>
          </chakra.table>
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
