import { Box, Flex } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Command } from "cmdk";
import { useState, type ReactNode } from "react";
import { useNavigate } from "react-router";
import { api } from "../client";
import { jobApi } from "../job/jobApi";
import { recall } from "../shared/remembered";
import { CommandBox } from "../ui/CommandBox";
import type { PaletteDeed } from "./Palette";
import { places } from "./places";

const few = 6;

interface Found {
  key: string;
  name: string;
  beside?: string;
  act: () => void;
}

/** Finds places, jobs, the wires and landings of the job that was open last, what is on the Shelf, and tables. */
export function PaletteDialog({ deeds, onClose }: { deeds: readonly PaletteDeed[]; onClose: () => void }) {
  const [text, setText] = useState("");
  // At once: Enter takes what answers to all that was typed.
  const words = text.trim().toLowerCase();
  const groups = useFound(words, deeds);
  const nothing = groups.every(({ found }) => found.length === 0);
  return (
    <CommandBox
      label="Search everywhere"
      placeholder="A place, a job, a wire, a landing, a table"
      text={text}
      onText={setText}
      onClose={onClose}
    >
      {nothing && <Box p={4}>No results for “{text.trim()}”.</Box>}
      {groups
        .filter(({ found }) => found.length > 0)
        .map(({ heading, found }) => (
          <Command.Group key={heading} heading={heading}>
            {found.map((one) => (
              <Command.Item
                key={one.key}
                value={`${heading}${one.key}`}
                onSelect={() => {
                  onClose();
                  one.act();
                }}
              >
                <Line name={one.name} beside={one.beside} />
              </Command.Item>
            ))}
          </Command.Group>
        ))}
    </CommandBox>
  );
}

const Line = ({ name, beside }: { name: string; beside: string | undefined }): ReactNode => (
  <Flex gap={3} alignItems="baseline" minW={0}>
    <Box truncate>{name}</Box>
    {beside && (
      <Box color="ink.soft" textStyle="note" truncate flexShrink={1}>
        {beside}
      </Box>
    )}
  </Flex>
);

/** What answers to the words, by kind. */
function useFound(words: string, deeds: readonly PaletteDeed[]): { heading: string; found: Found[] }[] {
  const navigate = useNavigate();
  const go = (to: string) => () => void navigate(to);
  const job = recall<string>("job", "");
  const jobs = useQuery({ queryKey: ["jobs", "first"], queryFn: () => jobApi.list(0) });
  const tables = useQuery({ queryKey: ["tables"], queryFn: api.tables, staleTime: Infinity });
  const inJob = { enabled: job !== "" && words !== "", placeholderData: keepPreviousData, retry: false };
  const wires = useQuery({
    queryKey: ["job", job, "palette", "wires", words],
    queryFn: () => jobApi.wires(job, { q: words, limit: few }),
    ...inJob,
  });
  const landings = useQuery({
    queryKey: ["job", job, "palette", "landings", words],
    queryFn: () => jobApi.landings(job, { q: words, limit: few }),
    ...inJob,
  });
  const shelf = useQuery({
    queryKey: ["shelf", "palette", words],
    queryFn: ({ signal }) => api.shelf("landing", words, "", signal),
    enabled: words !== "",
    placeholderData: keepPreviousData,
  });
  const answers = (name: string) => name.toLowerCase().includes(words);
  const name = jobs.data?.items.find(({ id }) => id === job)?.summary.name;
  const typed = words !== "";
  return [
    {
      heading: "Places",
      found: places
        .filter((place) => answers(place.name))
        .map((place) => ({ key: place.path, name: place.name, act: go(place.path) })),
    },
    {
      heading: "Jobs",
      found: (jobs.data?.items ?? [])
        .filter(({ summary }) => answers(summary.name))
        .slice(0, few)
        .map(({ id, summary }) => ({ key: id, name: summary.name, act: go(`/jobs/${id}`) })),
    },
    {
      heading: name ? `Wires of ${name}` : "Wires",
      found: (typed ? (wires.data?.items ?? []) : []).map(({ wire, from, to }) => ({
        key: wire.id,
        name: `Wire ${wire.name}`,
        beside: [from, to].filter(Boolean).join(" to "),
        act: go(`/jobs/${job}/wires?wire=${wire.id}&side=a`),
      })),
    },
    {
      heading: name ? `Landings of ${name}` : "Landings",
      found: (typed ? (landings.data?.items ?? []) : []).map(({ landing, says }) => ({
        key: landing.id,
        name: landing.name,
        beside: says,
        act: go(`/board/${job}/${landing.enclosureId}?slot=${landing.id}`),
      })),
    },
    {
      heading: "Shelf",
      found: (typed ? (shelf.data?.items ?? []) : []).slice(0, few).map(({ id, item, says }) => ({
        key: id,
        name: `${item.code} ${item.name}`,
        beside: says,
        act: go(`/shelf/landing?q=${encodeURIComponent(item.code)}`),
      })),
    },
    {
      heading: "Tables",
      found: (typed ? (tables.data ?? []) : [])
        .filter(({ title }) => answers(title))
        .slice(0, few)
        .map((table) => ({
          key: table.name,
          name: table.title,
          act: go(`/shelf/tables?table=${encodeURIComponent(table.name)}`),
        })),
    },
    {
      heading: "Everywhere",
      found: deeds
        .filter(({ says }) => answers(says))
        .map(({ says, act }) => ({ key: says, name: says, act })),
    },
  ];
}
