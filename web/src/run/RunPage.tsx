import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { ListChecks } from "lucide-react";
import { useEffect } from "react";
import { useNavigate, useParams } from "react-router";
import type { Schemas } from "../client";
import { DeadStrip } from "../dead/DeadStrip";
import { jobApi } from "../job/jobApi";
import { OnlyFor } from "../people/OnlyFor";
import { recall, remember } from "../shared/remembered";
import { EmptyState, ErrorMessage, Link, Loading, Select } from "../ui";
import { Tasks } from "./Tasks";

/** What is done now, next and after, in an enclosure of the job that was open last or of any other. */
export function RunPage() {
  const params = useParams();
  const jobs = useQuery({ queryKey: ["jobs", "first"], queryFn: () => jobApi.list(0) });
  const last = recall<string>("job", "");
  const isThere = jobs.data?.items.some(({ id }) => id === last);
  const known = params.job ?? (isThere ? last : jobs.data?.items[0]?.id);
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
  if (known ? !job.data : !jobs.data) return <Loading what="Opening the job…" lines={5} />;
  const enclosures = job.data?.enclosures.map(({ part }) => part) ?? [];
  const enclosure = enclosures.find(({ id }) => id === params.enclosure) ?? enclosures[0];
  if (!job.data || !known || !enclosure)
    return (
      <EmptyState icon={<ListChecks />} title="Nothing to work at yet.">
        A run takes you through the ends of an enclosure. Begin in <Link to="/jobs">Jobs</Link>.
      </EmptyState>
    );
  return (
    <Flex direction="column" gap={3} maxW="1160px">
      <chakra.h1 srOnly>Run: {enclosure.name}</chakra.h1>
      <Which job={job.data} items={jobs.data?.items ?? []} enclosure={enclosure} />
      <DeadStrip job={known} enclosure={enclosure.id} name={enclosure.name} />
      <OnlyFor right="record" />
      <Tasks key={enclosure.id} job={known} enclosure={enclosure.id} name={enclosure.name} />
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
  enclosure: Schemas["Enclosure"];
}) {
  const navigate = useNavigate();
  const { id, name } = job.title;
  const listed = items.map((item): [string, string] => [item.id, item.summary.name]);
  return (
    <Flex gap={2} flexWrap="wrap">
      <Box flex="1 1 160px" maxW="330px">
        <Select
          label="Job"
          value={id}
          onChange={(next) => void navigate(`/run/${next}`)}
          options={items.some((item) => item.id === id) ? listed : [[id, name], ...listed]}
        />
      </Box>
      <Box flex="1 1 120px" maxW="330px">
        <Select
          label="Enclosure"
          value={enclosure.id}
          onChange={(next) => void navigate(`/run/${id}/${next}`)}
          options={job.enclosures.map(({ part }): [string, string] => [part.id, part.name])}
        />
      </Box>
    </Flex>
  );
}
