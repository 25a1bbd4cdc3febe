import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { Refused } from "../job/Refused";
import { jobApi } from "../job/jobApi";
import { ChangesProvider } from "../job/useChanges";
import { recall, remember } from "../shared/remembered";
import { FindingsTab } from "../job/FindingsTab";
import { ErrorMessage, Loading, Panel, Select } from "../ui";

/** What must not be energised, in the job that was open last, or any other. */
export function FindingsPage() {
  const [chosen, setChosen] = useState(() => recall<string>("job", ""));
  const jobs = useQuery({ queryKey: ["jobs", "first"], queryFn: () => jobApi.list(0) });
  const items = jobs.data?.items ?? [];
  const job = items.some((item) => item.id === chosen) ? chosen : (items[0]?.id ?? "");
  if (jobs.error) return <ErrorMessage of={jobs.error} />;
  if (!jobs.data) return <Loading what="Reading the jobs…" />;
  return (
    <Flex direction="column" gap={3}>
      <chakra.h1 srOnly>Findings</chakra.h1>
      {items.length === 0 ? (
        <Panel>
          Findings belong to a job, and no job is open yet. Begin in <Link to="/jobs">Jobs</Link>; one wire
          alone is judged at the <Link to="/bench">Bench</Link>.
        </Panel>
      ) : (
        <ChangesProvider key={job} job={job}>
          <Box maxW="520px">
            <Select
              label="Job"
              value={job}
              onChange={(next) => {
                setChosen(next);
                remember("job", next);
              }}
              options={items.map((item) => [item.id, item.summary.name])}
            />
          </Box>
          <Refused />
          <FindingsTab job={job} />
        </ChangesProvider>
      )}
    </Flex>
  );
}
