import { chakra, Flex, Grid } from "@chakra-ui/react";
import { useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { ClipboardList, FileUp, FolderInput, Plus, Search } from "lucide-react";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useHouseRules } from "../house/houseRules";
import { Button, ButtonLink, EmptyState, ErrorMessage, FileButton, Loading, toast } from "../ui";
import { JobCard } from "./JobCard";
import { OnlyFor } from "../people/OnlyFor";
import { useSession } from "../people/session";
import { jobApi } from "../job/jobApi";
import { NewJobDialog } from "./NewJobDialog";

/** What is open, how far, and what is wrong. */
export function JobsPage() {
  const navigate = useNavigate();
  const { rules } = useHouseRules();
  const [making, setMaking] = useState<"work" | "survey" | null>(null);
  const pages = useInfiniteQuery({
    queryKey: ["jobs"],
    queryFn: ({ pageParam }) => jobApi.list(pageParam),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
  });
  const { refusal } = useSession();
  const { archive, error: notArchived } = useArchive();
  const takeIn = useMutation({
    mutationFn: (file: File) => jobApi.takeInJob(file),
    onSuccess: (job) => navigate(`/jobs/${job.id}`),
  });
  const jobs = pages.data?.pages.flatMap((page) => page.items) ?? [];
  const error = pages.error ?? notArchived ?? takeIn.error;
  return (
    <Flex direction="column" gap={3} maxW="1200px">
      <chakra.h1 srOnly>Jobs</chakra.h1>
      <Flex gap={2} flexWrap="wrap" alignItems="center">
        <OnlyFor right="change-jobs">
          <ButtonLink variant="solid" to="/import">
            <FileUp aria-hidden />
            Import wire list
          </ButtonLink>
          <Button onClick={() => setMaking("work")}>
            <Plus aria-hidden />
            New job
          </Button>
          <Button onClick={() => setMaking("survey")}>
            <Search aria-hidden />
            New survey
          </Button>
          <FileButton
            label="Import job file"
            accept=".json"
            icon={<FolderInput aria-hidden />}
            onFile={(file) => takeIn.mutate(file)}
          />
        </OnlyFor>
      </Flex>
      <ErrorMessage of={error} />
      {pages.isPending && <Loading what="Reading the jobs…" lines={3} height="150px" />}
      {pages.data && jobs.length === 0 && (
        <EmptyState
          icon={<ClipboardList />}
          title="No job is open"
          action={
            !refusal("change-jobs") && (
              <ButtonLink variant="solid" to="/import">
                Import wire list
              </ButtonLink>
            )
          }
        >
          Import a wire list from a spreadsheet, make a job and type its wires, or walk round what is already
          there with a survey. For one wire alone there is the Bench.
        </EmptyState>
      )}
      <Grid
        as="ul"
        listStyleType="none"
        templateColumns="repeat(auto-fill, minmax(min(320px, 100%), 1fr))"
        gap={3}
        aria-label="Jobs"
      >
        {jobs.map((job) => (
          <JobCard key={job.id} job={job} onArchive={() => archive(job)} />
        ))}
      </Grid>
      {pages.hasNextPage && (
        <Button alignSelf="start" onClick={() => void pages.fetchNextPage()}>
          More
        </Button>
      )}
      {making && <NewJobDialog purpose={making} rules={rules} onClose={() => setMaking(null)} />}
    </Flex>
  );
}

/** Takes a job out of the list; the toast brings it back. */
function useArchive() {
  const queries = useQueryClient();
  const refresh = () => queries.invalidateQueries({ queryKey: ["jobs"] });
  const back = useMutation({ mutationFn: (id: string) => jobApi.restore(id), onSuccess: refresh });
  const away = useMutation({
    mutationFn: (job: { id: string; name: string }) => jobApi.archive(job.id),
    onSuccess: (_, { id, name }) => {
      toast(`Archived ${name}.`, { undo: () => back.mutate(id) });
      return refresh();
    },
  });
  return {
    archive: (job: { id: string; summary: { name: string } }) =>
      away.mutate({ id: job.id, name: job.summary.name }),
    error: away.error ?? back.error,
  };
}
