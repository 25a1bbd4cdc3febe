import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useQueries, useQuery } from "@tanstack/react-query";
import { Plus, Zap } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../client";
import { thin, useUnits } from "../shared/Units";
import { LoadBar } from "../shown/LoadBar";
import { severities } from "../shown/severity";
import { Button, EmptyState, Panel, PanelTitle } from "../ui";
import { jobApi, type Finding } from "../job/jobApi";
import { circuitFields } from "../job/partFields";
import { PartForm } from "../job/PartForm";

type Circuit = Schemas["JobPartCircuit"];
type Known = Schemas["JobOverview"]["circuits"][number];
type Line = Schemas["DirectoryLineDocument"];

const empty = (): Circuit => ({ part: "circuit", id: crypto.randomUUID(), name: "", phases: 1 });

/** The circuits as a tree: from each panel through its breakers to what they feed, load against breaker. */
export function CircuitsTab({ job }: { job: Schemas["JobOverview"] }) {
  const id = job.title.id;
  const [open, setOpen] = useState<{ part: Circuit; version: number | null } | null>(null);
  const panels = job.enclosures.filter(({ part }) => part.form === "panel").map(({ part }) => part);
  const directories = useQueries({
    queries: panels.map((panel) => ({
      queryKey: ["job", id, "directory", panel.id],
      queryFn: () => jobApi.directory(id, panel.id),
    })),
  });
  const found = useFound(id);
  const weakest = useQuery({ queryKey: ["job", id, "weakest"], queryFn: () => jobApi.weakest(id) });
  const weak = new Map(weakest.data?.map((one) => [one.circuitId, one]));
  const most = Math.max(
    ...job.circuits.flatMap(({ part }) => [
      part.ocpdAmps ?? 0,
      part.loadAmps ?? 0,
      weak.get(part.id)?.breaker ?? 0,
    ]),
    1,
  );
  const named = new Map(job.circuits.map((one) => [one.part.name, one]));
  const inPanels = new Set(
    directories.flatMap(({ data }) => data?.breakers.flatMap(({ circuits }) => circuits) ?? []),
  );
  const loose = job.circuits.filter(({ part }) => !inPanels.has(part.name));
  const row = (circuit: Known) => (
    <CircuitRow
      key={circuit.part.id}
      circuit={circuit}
      job={job}
      most={most}
      weakest={weak.get(circuit.part.id)}
      found={found.get(circuit.part.id) ?? []}
      onEdit={() => setOpen({ part: { ...circuit.part, part: "circuit" }, version: circuit.version })}
    />
  );
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <Flex gap={4} alignItems="center" flexWrap="wrap">
        <Button onClick={() => setOpen({ part: empty(), version: null })}>
          <Plus aria-hidden />
          Add a circuit
        </Button>
        {job.circuits.length > 0 && (
          <Box textStyle="note" color="ink.soft">
            Outlined: the breaker. Filled: the load. The stroke: the largest breaker that the weakest
            conductor may have. All to one scale.
          </Box>
        )}
      </Flex>
      {job.circuits.length === 0 && (
        <EmptyState icon={<Zap />} title="No circuit yet">
          Without its breaker nothing tells whether a conductor is large enough.
        </EmptyState>
      )}
      {panels.map((panel, i) => {
        const breakers = (directories[i]?.data?.breakers ?? []).filter(({ circuits }) =>
          circuits.some((name) => named.has(name)),
        );
        return (
          breakers.length > 0 && (
            <Panel key={panel.id} as="section" aria-label={`Panel ${panel.name}`}>
              <PanelTitle>{panel.name}</PanelTitle>
              <Box as="ul" listStyleType="none" borderInlineStartWidth="3px" borderColor="line.strong" ms={2}>
                {breakers.map((line) => (
                  <Breaker key={line.deviceId} line={line}>
                    {line.circuits.flatMap((name) => named.get(name) ?? []).map(row)}
                  </Breaker>
                ))}
              </Box>
            </Panel>
          )
        );
      })}
      {loose.length > 0 && (
        <Panel as="section" aria-label="No breaker in this job">
          <PanelTitle>{inPanels.size > 0 ? "No breaker in this job" : "Circuits"}</PanelTitle>
          {loose.map(row)}
        </Panel>
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

/** What was found of circuits as a whole, by circuit. */
function useFound(job: string) {
  const { lead } = useUnits();
  const findings = useQuery({
    queryKey: ["job", job, "findings", "of-circuits", lead],
    queryFn: () => jobApi.findings(job, { accepted: false, limit: 1000 }, lead),
  });
  const by = new Map<string, Finding[]>();
  for (const finding of findings.data?.items ?? []) {
    const { circuitId, scope } = finding.about;
    if (scope === "circuit" && circuitId) by.set(circuitId, [...(by.get(circuitId) ?? []), finding]);
  }
  return by;
}

/** A breaker of a panel, what it feeds, and its circuits. */
function Breaker({ line, children }: { line: Line; children: React.ReactNode }) {
  const feeds = line.feeds.flatMap(({ enclosure, devices }) =>
    devices.length > 0 ? devices.map((device) => `${enclosure}/${device}`) : [enclosure],
  );
  return (
    <Box as="li" ps={3} py={1} data-breaker={line.name}>
      <Flex gap={2} alignItems="baseline" flexWrap="wrap">
        <chakra.span
          aria-hidden
          w="14px"
          borderTopWidth="3px"
          borderColor="line.strong"
          ms="-15px"
          alignSelf="center"
        />
        <chakra.strong>{line.name}</chakra.strong>
        {line.ratingAmps !== null && <chakra.span fontFamily="numerals">{line.ratingAmps} A</chakra.span>}
        {feeds.length > 0 && (
          <chakra.span color="ink.soft" textStyle="dense">
            feeds {feeds.slice(0, 6).join(", ")}
            {feeds.length > 6 && ` and ${feeds.length - 6} more`}
          </chakra.span>
        )}
      </Flex>
      {children}
    </Box>
  );
}

function CircuitRow({
  circuit: { part },
  job,
  most,
  weakest,
  found,
  onEdit,
}: {
  circuit: Known;
  job: Schemas["JobOverview"];
  most: number;
  weakest: Schemas["WeakestConductor"] | undefined;
  found: Finding[];
  onEdit: () => void;
}) {
  const shared = job.circuits.find((one) => one.part.id === part.sharesNeutralWith)?.part.name;
  const says = [
    part.volts && `${part.volts} V${part.phases === 3 ? ", three phases" : ""}`,
    part.method?.replace("-", " "),
    part.continuous && "for three hours or more",
    shared && `shares its neutral with ${shared}`,
    weakest &&
      thin(`weakest: wire ${weakest.name}, ${weakest.conductor}, breaker up to ${weakest.breaker} A`),
  ].filter(Boolean);
  return (
    <Box py={1} data-circuit={part.name}>
      <Grid
        templateColumns={{ base: "1fr auto", md: "minmax(90px, 150px) minmax(0, 1fr) 150px auto" }}
        columnGap={3}
        alignItems="center"
      >
        <chakra.span fontWeight={700}>{part.name}</chakra.span>
        <Box gridColumn={{ base: "1 / -1", md: "auto" }} order={{ base: 3, md: 0 }}>
          <LoadBar load={part.loadAmps} breaker={part.ocpdAmps} protects={weakest?.breaker} most={most} />
        </Box>
        <Box fontFamily="numerals" order={{ base: 4, md: 0 }} gridColumn={{ base: "1 / -1", md: "auto" }}>
          {part.loadAmps ?? "?"} A of {part.ocpdAmps ?? "?"} A
        </Box>
        <Button variant="plain" aria-label={`Edit circuit ${part.name}`} onClick={onEdit}>
          Edit
        </Button>
      </Grid>
      <Box textStyle="note" color="ink.soft">
        {says.join(" · ")}
      </Box>
      {found.map((finding) => {
        const { word, colour } = severities[finding.severity];
        return (
          <Box key={finding.key} textStyle="dense">
            <chakra.strong color={colour}>{word}.</chakra.strong> {thin(finding.says)}
          </Box>
        );
      })}
    </Box>
  );
}
