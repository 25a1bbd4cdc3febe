import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { NavLink, useParams } from "react-router";
import { remember } from "../shared/remembered";
import { Panel } from "../shared/Panel";
import { FindingsTab } from "../findings/FindingsTab";
import { ChangesBar } from "./ChangesBar";
import { CircuitsTab } from "./CircuitsTab";
import { HistoryTab } from "./HistoryTab";
import { Counts } from "./JobCard";
import { JobTitle } from "./JobTitle";
import { jobApi } from "./jobApi";
import { Lace } from "./Lace";
import { LandingsTab } from "./LandingsTab";
import { SurveyTab } from "./SurveyTab";
import { ChangesProvider } from "./useChanges";
import { WiresTab } from "./WiresTab";

const Tab = chakra(NavLink, {
  base: {
    display: "flex",
    alignItems: "center",
    minH: "44px",
    px: 3,
    fontWeight: 600,
    color: "ink.soft",
    borderBottomWidth: "3px",
    borderColor: "transparent",
    "&.active": { color: "copper", borderColor: "copper" },
  },
});

const tabs = [
  ["wires", "Wires"],
  ["findings", "Findings"],
  ["landings", "Landings"],
  ["circuits", "Circuits"],
  ["history", "History"],
] as const;

/** One job: its wires, what was found, what they land on, and what was changed. */
export function JobPage() {
  const { id = "", tab: asked } = useParams();
  // An address that leads to no tab leads to the wires.
  const tab = asked === "survey" || tabs.some(([path]) => path === asked) ? asked : "wires";
  const job = useQuery({ queryKey: ["job", id, "overview"], queryFn: () => jobApi.open(id) });
  useEffect(() => remember("job", id), [id]);
  if (job.error) return <Panel role="alert">{job.error.message} Go back to Jobs.</Panel>;
  if (!job.data) return <Box p={6}>Opening the job…</Box>;
  const survey = job.data.title.purpose === "survey";
  return (
    <ChangesProvider key={id} job={id}>
      <Flex direction="column" gap={2}>
        <Flex gap={4} alignItems="center" flexWrap="wrap">
          <chakra.h1 fontSize="24px" fontWeight={700}>
            {job.data.title.name}
          </chakra.h1>
          <Counts summary={job.data.summary} />
          <JobTitle job={job.data} />
        </Flex>
        <Lace lace={job.data.summary.lace} height={24} />
        {job.data.title.note && <Box fontSize="15px">{job.data.title.note}</Box>}
        <Flex as="nav" aria-label="Of this job" overflowX="auto" borderBottomWidth="1px" borderColor="line">
          {survey && <Tab to={`/jobs/${id}/survey`}>Survey</Tab>}
          {tabs.map(([path, name]) => (
            <Tab key={path} to={`/jobs/${id}/${path}`} className={path === tab ? "active" : ""}>
              {name}
            </Tab>
          ))}
        </Flex>
        <ChangesBar />
        {tab === "findings" ? (
          <FindingsTab job={id} />
        ) : tab === "landings" ? (
          <LandingsTab job={job.data} />
        ) : tab === "circuits" ? (
          <CircuitsTab job={job.data} />
        ) : tab === "history" ? (
          <HistoryTab job={id} />
        ) : tab === "survey" ? (
          <SurveyTab job={job.data} />
        ) : (
          <WiresTab job={job.data} />
        )}
      </Flex>
    </ChangesProvider>
  );
}
