import { Box, chakra, Flex } from "@chakra-ui/react";
import { useCallback, useMemo, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../client";
import { useKey } from "../shared/keys";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { Select } from "../shared/Select";
import { EndDialog } from "./EndDialog";
import { useWires } from "./useWires";
import { WireGrid } from "./WireGrid";

export type Grouping = "none" | "enclosure" | "circuit";

/** The list of wires: typed into like a spreadsheet, found by word, grouped by enclosure or circuit. */
export function WiresTab({ job }: { job: Schemas["JobOverview"] }) {
  const id = job.title.id;
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const [text, setText] = useState("");
  const [grouping, setGrouping] = useState<Grouping>("none");
  const [enclosure, setEnclosure] = useState("");
  const [circuit, setCircuit] = useState("");
  const { wires, total, loading, error } = useWires(id, text, enclosure, circuit);
  const search = useRef<HTMLInputElement>(null);
  useKey(
    "/",
    useCallback(() => search.current?.focus(), []),
  );
  const enclosures = useMemo(
    () => job.enclosures.map(({ part }): [string, string] => [part.id, part.name]),
    [job.enclosures],
  );
  const circuits = useMemo(
    () => job.circuits.map(({ part }): [string, string] => [part.id, part.name]),
    [job.circuits],
  );
  const open = params.get("wire");
  return (
    <Flex direction="column" gap={2}>
      <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
        <Box flex="1 1 180px">
          <FieldLabel htmlFor="wire-search">Search (/)</FieldLabel>
          <Field
            id="wire-search"
            ref={search}
            type="search"
            value={text}
            maxLength={80}
            autoComplete="off"
            placeholder="wire, landing, colour, circuit"
            onChange={(event) => setText(event.target.value)}
          />
        </Box>
        <Select
          label="Enclosure"
          value={enclosure}
          onChange={setEnclosure}
          options={[["", "all"], ...enclosures]}
        />
        <Select label="Circuit" value={circuit} onChange={setCircuit} options={[["", "all"], ...circuits]} />
        <Select
          label="Grouped by"
          value={grouping}
          onChange={setGrouping}
          options={[
            ["none", "nothing"],
            ["enclosure", "enclosure"],
            ["circuit", "circuit"],
          ]}
        />
      </Flex>
      <Box role="alert" color="stop">
        {error?.message}
      </Box>
      {loading ? (
        <Box p={4}>Reading the wires…</Box>
      ) : (
        <WireGrid
          job={id}
          wires={wires}
          grouping={grouping}
          enclosure={
            job.enclosures.find(({ part }) => part.id === enclosure)?.part.name ??
            job.enclosures[0]?.part.name ??
            "Panel"
          }
          onOpen={(wire, side) => setParams({ wire, side })}
        />
      )}
      <Flex gap={2} alignItems="center" flexWrap="wrap">
        <Box fontSize="14px" color="ink.soft" flex="1 1 320px">
          {wires.length < total ? `${wires.length} of ${total} wires read…` : `${total} wires.`} Type into a
          cell; Enter goes down, Tab goes on, Delete empties. Paste rows from a spreadsheet.
        </Box>
        <Action onClick={() => void navigate(`/import?job=${id}`)}>Bring in a list</Action>
        <Download href={`/api/jobs/${id}/export/wires.xlsx`}>XLSX</Download>
        <Download href={`/api/jobs/${id}/export/wires.csv`}>CSV</Download>
        <Download href={`/api/jobs/${id}/export/job.json`}>Job’s file</Download>
      </Flex>
      {open && (
        <EndDialog
          job={id}
          wire={open}
          side={params.get("side") === "b" ? "b" : "a"}
          onClose={() => setParams({})}
        />
      )}
    </Flex>
  );
}

const DownloadLink = chakra("a", {
  base: {
    display: "inline-flex",
    alignItems: "center",
    minH: "44px",
    px: 3,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    fontWeight: 600,
    bg: "paper.raised",
  },
});

const Download = ({ href, children }: { href: string; children: string }) => (
  <DownloadLink href={href} download>
    {children}
  </DownloadLink>
);
