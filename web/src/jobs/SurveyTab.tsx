import { Sourced } from "../shown/Source";
import { Box, chakra, Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Schemas } from "../client";
import { thin, useUnits } from "../shared/Units";
import { jobApi } from "../job/jobApi";
import { sayCheck, severities } from "../shown/severity";
import { SurveyTaps } from "./SurveyTaps";
import { Button, ErrorMessage, Panel, PanelTitle } from "../ui";

/** A walk round what is already there: three taps a device, what was found, and the job that puts it right. */
export function SurveyTab({ job }: { job: Schemas["JobOverview"] }) {
  const say = useSay();
  const id = job.title.id;
  const { lead } = useUnits();
  const survey = useQuery({ queryKey: ["job", id, "survey", lead], queryFn: () => jobApi.survey(id, lead) });
  if (survey.error) return <ErrorMessage of={survey.error} />;
  const { devices = [], counts = [] } = survey.data ?? {};
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <SurveyTaps job={id} count={devices.length} />
      {survey.data && devices.length === 0 && (
        <Panel>
          Nothing is surveyed yet. A dwelling has some 40 to 50 devices; begin with the one before you.
        </Panel>
      )}
      {counts.length > 0 && (
        <Panel as="section" aria-label="What was found">
          <PanelTitle>What was found at how many</PanelTitle>
          {counts.map(({ check, severity, devices: count }) => {
            const { icon: Icon, colour } = severities[severity];
            return (
              <Flex key={`${severity}${check}`} gap={2} alignItems="center" py={1} data-count-of={check}>
                <Box color={colour}>
                  <Icon aria-label={severity} size={18} />
                </Box>
                <chakra.span textStyle="figure.sm" minW="2ch" textAlign="end">
                  {count}
                </chakra.span>
                {say(sayCheck(check))}
              </Flex>
            );
          })}
        </Panel>
      )}
      {survey.data && devices.length > 0 && <PutRight job={job} survey={survey.data} />}
      <Flex as="ol" direction="column" gap={2} listStyleType="none" aria-label="Devices">
        {devices.map((device) => (
          <Panel as="li" key={device.id} data-surveyed={device.name}>
            <Flex justifyContent="space-between" gap={3} flexWrap="wrap">
              <strong>{device.name}</strong>
              <Box color="ink.soft">
                {device.remedy
                  ? [
                      device.remedy.replace ? "replace" : "land again",
                      device.remedy.pigtail && "pigtails",
                      device.remedy.needsEarth && say("earth"),
                      `${device.remedy.minutes} min`,
                    ]
                      .filter(Boolean)
                      .join(", ")
                  : "right as it is"}
              </Box>
            </Flex>
            {device.findings
              .filter((finding) => finding.severity !== "note")
              .map((finding) => {
                const { word, colour } = severities[finding.severity];
                return (
                  <Box key={finding.check} textStyle="dense">
                    <chakra.strong color={colour}>{word}.</chakra.strong>{" "}
                    <Sourced text={thin(finding.says)} />
                  </Box>
                );
              })}
          </Panel>
        ))}
      </Flex>
    </Flex>
  );
}

function PutRight({ job, survey }: { job: Schemas["JobOverview"]; survey: Schemas["SurveyDocument"] }) {
  const navigate = useNavigate();
  const [made] = useState(() => crypto.randomUUID());
  const make = useMutation({
    mutationFn: () =>
      jobApi.jobOfSurvey(job.title.id, {
        id: made,
        name: `${job.title.name}: put right`,
      }),
    onSuccess: (taken) => navigate(`/jobs/${taken.id}`),
  });
  const wanting = survey.devices.filter((device) => device.remedy).length;
  if (wanting === 0) return <Panel>Nothing is to be put right.</Panel>;
  return (
    <Panel as="section" aria-label="To put it right">
      <PanelTitle>To put it right</PanelTitle>
      <Box textStyle="heading">
        {wanting} of {survey.devices.length} devices, about{" "}
        <chakra.span fontFamily="numerals">{(survey.minutes / 60).toFixed(1)}</chakra.span> h
      </Box>
      <Box as="ul" listStyleType="disc" ps={5}>
        {survey.parts.map((part) => (
          <li key={part.name}>
            {part.count} {part.unit === "m" ? "m of " : ""}
            {part.name}
          </li>
        ))}
      </Box>
      <Button variant="solid" mt={2} disabled={make.isPending} onClick={() => make.mutate()}>
        Create the job for it
      </Button>
      <ErrorMessage of={make.error} />
    </Panel>
  );
}
