import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useHouseRules } from "../bench/houseRules";
import { PersonField } from "../bench/PersonField";
import type { Person } from "../bench/recording";
import { useRemembered } from "../shared/remembered";
import { Action, Panel } from "../shared/Panel";
import { jobApi } from "./jobApi";
import { JobCard } from "./JobCard";
import { NewJobDialog } from "./NewJobDialog";

/** What is open, how far, and what is wrong. */
export function JobsPage() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { rules } = useHouseRules();
  const [person, setPerson] = useRemembered<Person | null>("person", null);
  const [making, setMaking] = useState<"work" | "survey" | null>(null);
  const [away, setAway] = useState<{ id: string; name: string } | null>(null);
  const pages = useInfiniteQuery({
    queryKey: ["jobs"],
    queryFn: ({ pageParam }) => jobApi.list(pageParam),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
  });
  const refresh = () => queries.invalidateQueries({ queryKey: ["jobs"] });
  const put = useMutation({
    mutationFn: (job: { id: string; name: string }) => jobApi.putAway(job.id),
    onSuccess: (_, job) => {
      setAway(job);
      return refresh();
    },
  });
  const out = useMutation({
    mutationFn: (id: string) => jobApi.takeOut(id),
    onSuccess: () => {
      setAway(null);
      return refresh();
    },
  });
  const takeIn = useMutation({
    mutationFn: (file: File) => jobApi.takeInJob(file, person?.id ?? ""),
    onSuccess: (job) => navigate(`/jobs/${job.id}`),
  });
  const jobs = pages.data?.pages.flatMap((page) => page.items) ?? [];
  const error = pages.error ?? put.error ?? out.error ?? takeIn.error;
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <chakra.h1 srOnly>Jobs</chakra.h1>
      <Flex gap={2} flexWrap="wrap" alignItems="center">
        <Action look="main" onClick={() => void navigate("/import")}>
          Bring in a wire list
        </Action>
        <Action onClick={() => setMaking("work")}>New job</Action>
        <Action onClick={() => setMaking("survey")}>New survey</Action>
        <TakeIn disabled={!person} onFile={(file) => takeIn.mutate(file)} />
        <Box flex={1} />
        <PersonField person={person} onPerson={setPerson} />
      </Flex>
      <Flex role="status" gap={2} alignItems="center" minH={away ? "44px" : 0}>
        {away && (
          <>
            <span>{away.name} is put away.</span>
            <Action look="link" onClick={() => out.mutate(away.id)}>
              Take it out again
            </Action>
          </>
        )}
      </Flex>
      <Box role="alert" color="stop">
        {error?.message}
      </Box>
      {pages.data && jobs.length === 0 && (
        <Panel>
          No job is open. Bring in a wire list from a spreadsheet, make a job and type its wires, or walk
          round what is already there with a survey. For one wire alone there is the Bench.
        </Panel>
      )}
      <Grid
        as="ul"
        listStyleType="none"
        templateColumns="repeat(auto-fill, minmax(320px, 1fr))"
        gap={3}
        aria-label="Jobs"
      >
        {jobs.map((job) => (
          <JobCard
            key={job.id}
            job={job}
            onPutAway={() => put.mutate({ id: job.id, name: job.summary.name })}
          />
        ))}
      </Grid>
      {pages.hasNextPage && (
        <Action alignSelf="start" onClick={() => void pages.fetchNextPage()}>
          More
        </Action>
      )}
      {making && (
        <NewJobDialog purpose={making} person={person} rules={rules} onClose={() => setMaking(null)} />
      )}
    </Flex>
  );
}

function TakeIn({ disabled, onFile }: { disabled: boolean; onFile: (file: File) => void }) {
  return (
    <Action
      as="label"
      display="inline-flex"
      alignItems="center"
      opacity={disabled ? 0.55 : 1}
      title={disabled ? "Type your name first" : undefined}
    >
      Open a job’s file
      <chakra.input
        type="file"
        accept=".json"
        srOnly
        disabled={disabled}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
    </Action>
  );
}
