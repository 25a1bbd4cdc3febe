import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { ChangesBar } from "../jobs/ChangesBar";
import { jobApi } from "../jobs/jobApi";
import { ChangesProvider } from "../jobs/useChanges";
import { Panel } from "../shared/Panel";
import { recall, remember } from "../shared/remembered";
import { Select } from "../shared/Select";
import { BoardWork } from "./BoardWork";

/** An enclosure of the job that was open last, or any other, as it stands. */
export function BoardPage() {
  const params = useParams();
  const navigate = useNavigate();
  const jobs = useQuery({ queryKey: ["jobs", "first"], queryFn: () => jobApi.list(0) });
  const items = jobs.data?.items ?? [];
  // The job that was open last is opened without waiting for the list; where it is gone, the first of the list is.
  const last = recall<string>("job", "");
  const lastOpened = useQuery({
    queryKey: ["job", last, "overview"],
    queryFn: () => jobApi.open(last),
    enabled: !params.job && last !== "",
  });
  const known = params.job ?? (last && !lastOpened.isError ? last : items[0]?.id);
  const job = useQuery({
    queryKey: ["job", known, "overview"],
    queryFn: () => jobApi.open(known ?? ""),
    enabled: known !== undefined,
  });
  useEffect(() => {
    if (known) remember("job", known);
  }, [known]);
  const error = jobs.error ?? job.error;
  if (error) return <Panel role="alert">{error.message}</Panel>;
  if (known ? !job.data : !jobs.data) return <Box p={4}>Opening the board…</Box>;
  const enclosures = job.data?.enclosures ?? [];
  const enclosure = enclosures.find(({ part }) => part.id === params.enclosure)?.part ?? enclosures[0]?.part;
  return (
    <Flex direction="column" gap={2}>
      <chakra.h1 srOnly>Board{enclosure ? `: ${enclosure.name}` : ""}</chakra.h1>
      {!known || !job.data ? (
        <Panel>
          The board shows a job’s enclosures as they stand, and no job is open yet. Begin in{" "}
          <Link to="/jobs">Jobs</Link>.
        </Panel>
      ) : (
        <ChangesProvider key={known} job={known}>
          <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
            <Select
              label="Job"
              value={known}
              onChange={(next) => void navigate(`/board/${next}`)}
              options={[
                ...(items.some(({ id }) => id === known)
                  ? []
                  : [[known, job.data.title.name] satisfies [string, string]]),
                ...items.map((item): [string, string] => [item.id, item.summary.name]),
              ]}
            />
            {enclosure && (
              <Select
                label="Enclosure"
                value={enclosure.id}
                onChange={(next) => void navigate(`/board/${known}/${next}`)}
                options={enclosures.map(({ part }): [string, string] => [part.id, part.name])}
              />
            )}
            <ChangesBar />
          </Flex>
          {enclosure ? (
            <BoardWork key={enclosure.id} job={job.data} enclosure={enclosure} />
          ) : (
            <Panel>
              This job has no enclosure yet. Bring in a wire list, or add one under{" "}
              <Link to={`/jobs/${known}/landings`}>its landings</Link>.
            </Panel>
          )}
        </ChangesProvider>
      )}
    </Flex>
  );
}
