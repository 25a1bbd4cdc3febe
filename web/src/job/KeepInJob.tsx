import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { useSearchParams } from "react-router";
import type { Schemas } from "../client";
import { Refused } from "./Refused";
import { jobApi, type Part } from "./jobApi";
import { ChangesProvider, useChanges } from "./useChanges";
import { recall, remember } from "../shared/remembered";
import { Button, Panel, PanelTitle, Select } from "../ui";

type Kind = "cord" | "pin-map";
type Kept = Extract<Part, { part: Kind }>;

interface Keeping {
  kind: Kind;
  name: string;
  /** What is kept, under an id. */
  part: (id: string) => Kept;
  onOpen: (part: Kept) => void;
  /** What else can be done with one that is kept. */
  also?: (job: Schemas["JobOverview"], part: Kept, version: number) => ReactNode;
}

/** What was worked out here, kept in a job: as often as it changes, and taken up again. */
export function KeepInJob(keeping: Keeping) {
  const jobs = useQuery({ queryKey: ["jobs", "first"], queryFn: () => jobApi.list(0) });
  const [params] = useSearchParams();
  const [chosen, setChosen] = useState(() => params.get("job") ?? recall<string>("job", ""));
  const items = jobs.data?.items ?? [];
  const job = items.find(({ id }) => id === chosen) ?? items[0];
  return (
    <Panel as="section" aria-label="In a job">
      <PanelTitle>Save in a job</PanelTitle>
      {job ? (
        <ChangesProvider key={job.id} job={job.id}>
          <Select
            label="Job"
            value={job.id}
            onChange={(id) => {
              setChosen(id);
              remember("job", id);
            }}
            options={items.map((item): [string, string] => [item.id, item.summary.name])}
          />
          <KeptParts {...keeping} job={job.id} />
          <Refused />
        </ChangesProvider>
      ) : (
        <Box color="ink.soft">
          {jobs.error?.message ?? "There is no job yet. Begin one in Jobs, then save it there."}
        </Box>
      )}
    </Panel>
  );
}

const nameOf = (part: Kept) => (part.part === "cord" ? part.name : part.map.name);

function KeptParts({ job, kind, name, part, onOpen, also }: Keeping & { job: string }) {
  const { put, remove, busy } = useChanges();
  const overview = useQuery({ queryKey: ["job", job, "overview"], queryFn: () => jobApi.open(job) });
  const kept: { part: Kept; version: number }[] =
    kind === "cord"
      ? (overview.data?.cords ?? []).map(({ part: one, version }) => ({
          part: { ...one, part: "cord" },
          version,
        }))
      : (overview.data?.pinMaps ?? []).map(({ part: one, version }) => ({
          part: { ...one, part: "pin-map" },
          version,
        }));
  // Asked for by its address: opened once, when it is known.
  const asked = useSearchParams()[0].get("kept");
  const opened = useRef<string | null>(null);
  useEffect(() => {
    const found = kept.find((one) => one.part.id === asked);
    if (!found || opened.current === asked) return;
    opened.current = asked;
    onOpen(found.part);
  });
  const same = kept.find((one) => nameOf(one.part).toLowerCase() === name.trim().toLowerCase());
  return (
    <>
      <Button
        mt={2}
        variant="solid"
        disabled={busy || !name.trim()}
        onClick={() =>
          void put(
            same
              ? ({ ...same.part, ...part(same.part.id), order: same.part.order ?? 0 } as Kept)
              : part(crypto.randomUUID()),
            same?.version ?? null,
          )
        }
      >
        {same ? `Save the changes of ${name}` : `Save ${name}`}
      </Button>
      <Box as="ul" listStyleType="none" aria-label="Saved in this job">
        {kept.map((one) => (
          <Flex
            as="li"
            key={one.part.id}
            gap={1}
            alignItems="center"
            flexWrap="wrap"
            data-kept={nameOf(one.part)}
          >
            <chakra.span flex={1} overflowWrap="anywhere">
              {nameOf(one.part)}
            </chakra.span>
            <Button variant="plain" onClick={() => onOpen(one.part)} aria-label={`Open ${nameOf(one.part)}`}>
              Open
            </Button>
            <Button
              variant="plain"
              disabled={busy}
              onClick={() => void remove(one.part.id, one.version)}
              aria-label={`Delete ${nameOf(one.part)}`}
            >
              Delete
            </Button>
            {overview.data && also?.(overview.data, one.part, one.version)}
          </Flex>
        ))}
      </Box>
    </>
  );
}
