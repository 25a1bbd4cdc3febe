import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { Button, Link, Panel } from "../ui";
import { Lace } from "../job/Lace";
import { severities } from "../shown/severity";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

/** A job on its card: how far it is, and the worst that was found. */
export function JobCard({ job, onArchive }: { job: Schemas["JobCard"]; onArchive: () => void }) {
  const { summary } = job;
  return (
    <Panel as="li" display="flex" flexDirection="column" gap={2} data-job={summary.name}>
      <Flex justifyContent="space-between" gap={2} alignItems="baseline">
        <Link
          to={`/jobs/${job.id}${summary.purpose === "survey" ? "/survey" : ""}`}
          variant="row"
          textStyle="heading"
          color="ink"
        >
          {summary.name}
        </Link>
        {summary.purpose === "survey" && <Box color="copper">survey</Box>}
      </Flex>
      <Lace lace={summary.lace} />
      <Counts summary={summary} />
      {summary.worst && (
        <Box textStyle="dense" borderInlineStartWidth="4px" borderColor={worstColour(summary)} ps={2}>
          {thin(summary.worst)}
        </Box>
      )}
      <Flex justifyContent="space-between" alignItems="center" mt="auto" textStyle="note" color="ink.soft">
        <span>
          {summary.wires} wires · {job.changedBy && `${job.changedBy}, `}
          {when.format(new Date(job.changedAt))}
        </span>
        <Button variant="plain" onClick={onArchive} aria-label={`Archive ${summary.name}`}>
          Archive
        </Button>
      </Flex>
    </Panel>
  );
}

const worstColour = ({ stops, fixes }: Schemas["JobSummary"]) =>
  stops ? "stop" : fixes ? "caution" : "line.strong";

/** How many stops, fixes and notes stand, each with its sign. */
export function Counts({ summary }: { summary: Pick<Schemas["JobSummary"], "stops" | "fixes" | "notes"> }) {
  return (
    <Flex gap={4} fontWeight={700} flexWrap="wrap">
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
