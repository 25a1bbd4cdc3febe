import { chakra, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { LayoutPanelTop } from "lucide-react";
import { useNavigate, useParams } from "react-router";
import type { Schemas } from "../client";
import { DeadStrip } from "../dead/DeadStrip";
import { Refused } from "../job/Refused";
import { jobApi } from "../job/jobApi";
import { ChangesProvider } from "../job/useChanges";
import { OnlyFor } from "../people/OnlyFor";
import { recall, remember } from "../shared/remembered";
import { BoardWork } from "./BoardWork";
import { EmptyState, ErrorMessage, Link, Loading, Select } from "../ui";

/** An enclosure of the job that was open last, or any other, as it stands. */
export function BoardPage() {
  const params = useParams();
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
  if (error) return <ErrorMessage of={error} />;
  if (known ? !job.data : !jobs.data) return <Loading what="Opening the board…" />;
  const enclosures = job.data?.enclosures ?? [];
  const enclosure = enclosures.find(({ part }) => part.id === params.enclosure)?.part ?? enclosures[0]?.part;
  return (
    <Flex direction="column" gap={2}>
      <chakra.h1 srOnly>Board{enclosure ? `: ${enclosure.name}` : ""}</chakra.h1>
      {!known || !job.data ? (
        <EmptyState icon={<LayoutPanelTop />} title="No job is open">
          The board shows a job’s enclosures as they stand. Begin in <Link to="/jobs">Jobs</Link>.
        </EmptyState>
      ) : (
        <ChangesProvider key={known} job={known}>
          <Refused />
          <OnlyFor right="change-jobs" />
          {enclosure ? (
            <>
              <DeadStrip job={known} enclosure={enclosure.id} name={enclosure.name} />
              <BoardWork
                key={enclosure.id}
                job={job.data}
                enclosure={enclosure}
                before={<Which job={job.data} items={items} enclosure={enclosure} />}
              />
            </>
          ) : (
            <>
              <Which job={job.data} items={items} enclosure={null} />
              <EmptyState icon={<LayoutPanelTop />} title="This job has no enclosure yet.">
                Import a wire list, or add one under <Link to={`/jobs/${known}/landings`}>its landings</Link>.
              </EmptyState>
            </>
          )}
        </ChangesProvider>
      )}
    </Flex>
  );
}

/** Which job, and which of its enclosures. */
function Which({
  job,
  items,
  enclosure,
}: {
  job: Schemas["JobOverview"];
  items: Schemas["JobCard"][];
  enclosure: Schemas["Enclosure"] | null;
}) {
  const navigate = useNavigate();
  const { id, name } = job.title;
  const listed = items.map((item): [string, string] => [item.id, item.summary.name]);
  return (
    <Grid templateColumns="1fr 1fr" gap={2} flex={{ base: "1 0 100%", md: "0 1 330px" }}>
      <Select
        label="Job"
        value={id}
        onChange={(next) => void navigate(`/board/${next}`)}
        options={items.some((item) => item.id === id) ? listed : [[id, name], ...listed]}
      />
      {enclosure && (
        <Select
          label="Enclosure"
          value={enclosure.id}
          onChange={(next) => void navigate(`/board/${id}/${next}`)}
          options={job.enclosures.map(({ part }): [string, string] => [part.id, part.name])}
        />
      )}
    </Grid>
  );
}
