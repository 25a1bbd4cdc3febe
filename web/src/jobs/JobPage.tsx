import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { useNavigate, useParams } from "react-router";
import type { Schemas } from "../client";
import { FindingsTab } from "../job/FindingsTab";
import { KindsByGroup } from "../job/KindsByGroup";
import { remember } from "../shared/remembered";
import { OnlyFor } from "../people/OnlyFor";
import { Alert, Link, Loading, Tabs } from "../ui";
import { CablesTab } from "./CablesTab";
import { CircuitsTab } from "./CircuitsTab";
import { HistoryTab } from "./HistoryTab";
import { Counts } from "./JobCard";
import { JobMenu } from "./JobMenu";
import { jobApi } from "../job/jobApi";
import { Lace } from "../job/Lace";
import { LandingsTab } from "./LandingsTab";
import { Refused } from "../job/Refused";
import { SurveyTab } from "./SurveyTab";
import { ChangesProvider } from "../job/useChanges";
import { WiresTab } from "./WiresTab";

const tabs = [
  ["wires", "Wires"],
  ["findings", "Findings"],
  ["landings", "Landings"],
  ["circuits", "Circuits"],
  ["cables", "Cables"],
  ["history", "History"],
] as const;
type Tab = (typeof tabs)[number][0] | "survey";

/** One job: its wires, what was found, what they land on, and what was changed. */
export function JobPage() {
  const { id = "", tab: asked } = useParams();
  const navigate = useNavigate();
  const job = useQuery({ queryKey: ["job", id, "overview"], queryFn: () => jobApi.open(id) });
  useEffect(() => remember("job", id), [id]);
  if (job.error)
    return (
      <Alert status="error">
        {job.error.message} Go back to <Link to="/jobs">Jobs</Link>.
      </Alert>
    );
  if (!job.data) return <Loading what="Opening the job…" lines={8} />;
  const { title, summary } = job.data;
  const isSurvey = title.purpose === "survey";
  const shown: (readonly [Tab, string])[] = isSurvey ? [["survey", "Survey"], ...tabs] : [...tabs];
  // An address that leads to no tab leads to the wires.
  const tab = shown.find(([path]) => path === asked)?.[0] ?? "wires";
  return (
    <ChangesProvider key={id} job={id}>
      <Flex direction="column" gap={1}>
        <Flex columnGap={4} alignItems="center">
          <Flex columnGap={4} alignItems="center" flexWrap="wrap" flex={1} minW={0}>
            <chakra.h1 textStyle={{ base: "heading", md: "title" }}>{title.name}</chakra.h1>
            <Counts summary={summary} />
          </Flex>
          <JobMenu job={job.data} />
        </Flex>
        <Lace lace={summary.lace} height={18} />
        {title.note && (
          <Box textStyle="dense" color="ink.soft" lineClamp={{ base: 1, md: 2 }}>
            {title.note}
          </Box>
        )}
        <Tabs
          label="Of this job"
          tabs={shown}
          value={tab}
          onChange={(to) => void navigate(`/jobs/${id}/${to}`)}
        >
          <Refused />
          <OnlyFor right="change-jobs" />
          <Shown tab={tab} job={job.data} />
        </Tabs>
      </Flex>
    </ChangesProvider>
  );
}

function Shown({ tab, job }: { tab: Tab; job: Schemas["JobOverview"] }) {
  switch (tab) {
    case "survey":
      return <SurveyTab job={job} />;
    case "findings":
      return (
        <Flex direction="column" gap={3}>
          <KindsByGroup job={job.title.id} />
          <FindingsTab job={job.title.id} />
        </Flex>
      );
    case "landings":
      return (
        <Flex direction="column" gap={3}>
          <KindsByGroup job={job.title.id} />
          <LandingsTab job={job} />
        </Flex>
      );
    case "circuits":
      return <CircuitsTab job={job} />;
    case "cables":
      return <CablesTab job={job} />;
    case "history":
      return <HistoryTab job={job.title.id} />;
    case "wires":
      return <WiresTab job={job} />;
  }
}
