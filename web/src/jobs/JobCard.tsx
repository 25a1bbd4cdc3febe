import { Box, chakra, Flex } from "@chakra-ui/react";
import { Link } from "react-router";
import type { Schemas } from "../client";
import { Action, Panel } from "../shared/Panel";
import { thin } from "../shared/Units";
import { Lace } from "./Lace";
import { severities } from "./severity";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });
const JobLink = chakra(Link, {
  base: {
    fontSize: "20px",
    fontWeight: 700,
    color: "ink",
    textDecoration: "underline",
    textUnderlineOffset: "4px",
  },
});

/** A job on its card: how far it is, and the worst that was found. */
export function JobCard({ job, onPutAway }: { job: Schemas["JobCard"]; onPutAway: () => void }) {
  const { summary } = job;
  return (
    <Panel as="li" display="flex" flexDirection="column" gap={2} data-job={summary.name}>
      <Flex justifyContent="space-between" gap={2}>
        <JobLink to={`/jobs/${job.id}${summary.purpose === "survey" ? "/survey" : ""}`}>
          {summary.name}
        </JobLink>
        {summary.purpose === "survey" && <Box color="copper">survey</Box>}
      </Flex>
      <Lace lace={summary.lace} />
      <Counts summary={summary} />
      {summary.worst && (
        <Box fontSize="15px" borderInlineStartWidth="4px" borderColor={worstColour(summary)} ps={2}>
          {thin(summary.worst)}
        </Box>
      )}
      <Flex justifyContent="space-between" alignItems="center" mt="auto" fontSize="14px" color="ink.soft">
        {summary.wires} wires · {when.format(new Date(job.changedAt))}
        <Action look="link" onClick={onPutAway} aria-label={`Put ${summary.name} away`}>
          Put away
        </Action>
      </Flex>
    </Panel>
  );
}

const worstColour = ({ stops, fixes }: Schemas["JobSummary"]) =>
  stops ? "stop" : fixes ? "caution" : "line.strong";

/** How many stops, fixes and notes stand, each with its sign. */
export function Counts({ summary }: { summary: Pick<Schemas["JobSummary"], "stops" | "fixes" | "notes"> }) {
  return (
    <Flex gap={4} fontWeight={700}>
      {(["stop", "fix", "note"] as const).map((severity) => {
        const { icon: Icon, colour, word, many } = severities[severity];
        const count = { stop: summary.stops, fix: summary.fixes, note: summary.notes }[severity];
        return (
          <Flex
            key={severity}
            gap={1}
            alignItems="center"
            color={count ? colour : "ink.soft"}
            data-count={severity}
          >
            <Icon aria-hidden size={18} />
            <span>
              <chakra.span fontFamily="numerals">{count}</chakra.span>{" "}
              {count === 1 ? word.toLowerCase() : many}
            </span>
          </Flex>
        );
      })}
    </Flex>
  );
}
