import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { jobApi, type Finding } from "./jobApi";
import { sayCheck, severities } from "../shown/severity";
import { useChanges } from "./useChanges";
import { WayLine } from "../shown/WayLine";
import { thin, useUnits } from "../shared/Units";
import { FindingLines } from "../shown/FindingLines";
import { Button, Disclosure, Link, Panel } from "../ui";
import { Source, Sourced } from "../shown/Source";

const room = { width: 170, height: 92 };
const wiresOf = (way: Finding["way"]) => way.flatMap(({ wireId }) => wireId ?? []);

/** A finding beside its little section, one tap from its end. */
export function FindingCard({
  job,
  finding,
  following,
  heading,
  onOnly,
  onAccept,
}: {
  job: string;
  finding: Finding;
  following: Finding[];
  heading: Schemas["FindingGroup"] | null;
  onOnly: () => void;
  onAccept: () => void;
}) {
  const say = useSay();
  const { remove } = useChanges();
  const { colour } = severities[finding.severity];
  const { about, accepted } = finding;
  return (
    <>
      {heading && (
        <Flex as="li" alignItems="center" gap={3} mt={2}>
          <chakra.h3 textStyle="lead" fontWeight={700}>
            {say(sayCheck(finding.check))}
          </chakra.h3>
          {heading.open > 1 && (
            <Button variant="plain" onClick={onOnly}>
              {heading.open} of them
            </Button>
          )}
        </Flex>
      )}
      <Panel
        as="li"
        data-finding={finding.check}
        data-about={about.name}
        borderInlineStartWidth="5px"
        borderInlineStartColor={colour}
      >
        <Grid
          templateColumns={{ base: "1fr", md: `${room.width}px minmax(0,1fr) auto` }}
          gap={3}
          alignItems="center"
        >
          {about.wireId && about.side && about.drawable ? (
            <Little job={job} wire={about.wireId} side={about.side} />
          ) : (
            <Box />
          )}
          <Box>
            <Box fontWeight={700}>{thin(about.name)}</Box>
            <Box>
              <Sourced text={thin(finding.says)} />
            </Box>
            <Box mt={1}>
              <strong>Do: </strong>
              {thin(finding.do)}
            </Box>
            {finding.way.length > 0 && (
              <Box mt={2} data-way>
                <WayLine way={finding.way} isWrong />
              </Box>
            )}
            <Box mt={1}>
              <Source of={finding.source} />
            </Box>
            {following.length > 0 && (
              <Disclosure
                label={
                  <>
                    {following.length === 1 ? "One more follows" : `${following.length} more follow`} from it
                  </>
                }
              >
                <FindingLines findings={following} />
              </Disclosure>
            )}
            {accepted && (
              <Box textStyle="dense" mt={1}>
                Accepted by {accepted.person}: {accepted.reason}
              </Box>
            )}
          </Box>
          <Flex direction={{ base: "row", md: "column" }} flexWrap="wrap" alignItems="stretch">
            <Leads job={job} finding={finding} />
            {accepted ? (
              <Button variant="plain" onClick={() => void remove(accepted.id, accepted.version)}>
                Withdraw acceptance
              </Button>
            ) : (
              finding.severity !== "stop" && (
                <Button
                  variant="plain"
                  onClick={onAccept}
                  aria-label={`Accept ${finding.check} at ${about.name}`}
                >
                  Accept
                </Button>
              )
            )}
          </Flex>
        </Grid>
      </Panel>
    </>
  );
}

/** Where a finding leads: its end, what keeps it, the board. */
function Leads({ job, finding }: { job: string; finding: Finding }) {
  const { about } = finding;
  const onBoard = finding.way.find(({ enclosureId }) => enclosureId);
  return (
    <>
      {about.wireId && (
        <Link
          variant="row"
          px={2}
          fontWeight={600}
          to={`/jobs/${job}/wires?wire=${about.wireId}&side=${about.side ?? "a"}`}
          aria-label={`Open ${about.name}`}
        >
          Open
        </Link>
      )}
      {about.keptId && (
        <Link
          variant="row"
          px={2}
          fontWeight={600}
          to={
            about.scope === "enclosure"
              ? `/board/${job}/${about.keptId}`
              : `/cords/${about.scope === "cord" ? "look" : "pins"}?job=${job}&kept=${about.keptId}`
          }
          aria-label={`Open ${about.name}`}
        >
          Open
        </Link>
      )}
      {onBoard && (
        <Link
          variant="row"
          px={2}
          fontWeight={600}
          to={`/board/${job}/${onBoard.enclosureId}?slot=${onBoard.landingId}&lit=${wiresOf(finding.way).join(",")}`}
          aria-label={`Show ${about.name} on the board`}
        >
          On the board
        </Link>
      )}
      {finding.check === "conductor-not-known" && (
        <Link variant="row" px={2} fontWeight={600} to="/bench/size">
          What size is it?
        </Link>
      )}
    </>
  );
}

function Little({ job, wire, side }: { job: string; wire: string; side: string }) {
  const { lead } = useUnits();
  const section = useQuery({
    queryKey: ["job", job, "section", wire, side, lead],
    queryFn: () => jobApi.section(job, wire, side, lead),
  });
  const scene = section.data?.scene;
  if (!scene) return <Box h={`${room.height}px`} />;
  const { box } = scene;
  const scale = Math.min((room.width - 8) / (box.right - box.left), room.height / (box.bottom - box.top), 9);
  return (
    <Box h={`${room.height}px`} display="grid" placeItems="center" overflow="hidden">
      <Sketch
        scene={scene}
        scale={scale}
        metal={section.data?.material ?? "copper"}
        {...(section.data && { colours: section.data })}
      />
    </Box>
  );
}
