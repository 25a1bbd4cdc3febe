import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import {
  BadgeCheck,
  CircleCheck,
  CirclePause,
  CircleSlash,
  CircleX,
  NotebookPen,
  ShieldCheck,
  ShieldX,
  TriangleAlert,
} from "lucide-react";
import { SimulatedBadge } from "../recording/Driver";
import { sayLanding } from "../shared/pair";
import { named, type Schemas } from "../client";
import { inOrder, sayBoth, thin, useUnits } from "../shared/Units";
import { PersonName } from "../shown/PersonName";
import { WindowBar } from "../shown/WindowBar";
import { Button, Link, Panel } from "../ui";

type Item = Schemas["RecordItem"];

const states = {
  landed: { icon: CircleCheck, word: "landed", colour: "go" },
  wanting: { icon: TriangleAlert, word: "out of tolerance", colour: "stop" },
  checked: { icon: CircleCheck, word: "checked", colour: "go" },
  signed: { icon: BadgeCheck, word: "signed", colour: "go" },
  parked: { icon: CirclePause, word: "parked", colour: "ink.soft" },
  rejected: { icon: CircleX, word: "rejected", colour: "stop" },
  "put-right": { icon: CircleCheck, word: "looked at", colour: "go" },
  withdrawn: { icon: CircleSlash, word: "withdrawn", colour: "ink.soft" },
  noted: { icon: NotebookPen, word: "noted", colour: "ink.soft" },
  dead: { icon: ShieldCheck, word: "proved dead", colour: "go" },
  damaged: { icon: ShieldX, word: "damaged", colour: "stop" },
} as const;

/** What is odd about the time of an event; nobody is blamed, clocks go wrong. */
const clocks: Record<Schemas["ClockOddity"], string> = {
  ahead: "The device’s clock was ahead of the server’s.",
  backwards: "The device’s clock went backwards before this.",
  "server-backwards": "The server’s clock went backwards before this.",
};

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

/** One event, judged against the windows that it was made to. */
export function LogEntry({ item, onWithdraw }: { item: Item; onWithdraw: (() => void) | null }) {
  const { icon: Icon, word, colour } = states[item.state];
  const made = item.termination;
  return (
    <Panel
      as="li"
      data-event={item.sequence}
      data-state={item.state}
      opacity={item.state === "withdrawn" ? 0.85 : 1}
    >
      <Grid templateColumns={{ base: "1fr", md: "190px minmax(0,1fr) minmax(0,1fr) 150px" }} gap={3}>
        <Box>
          <Flex alignItems="center" gap={2} color={colour} fontWeight={700}>
            <Icon aria-hidden size={22} />
            {item.kind === "withdrawal" ? "withdrawal" : word}
          </Flex>
          <Box textStyle="note" color="ink.soft">
            <chakra.span fontFamily="numerals">{item.sequence}</chakra.span>
            {item.claimedAt && ` · ${when.format(new Date(item.claimedAt))}`}
          </Box>
          {item.person && (
            <Box textStyle="dense">
              <PersonName person={item.person} />
              {item.role && `, ${item.role}`}
              {item.supervisor && ` under ${item.supervisor.name}`}
            </Box>
          )}
        </Box>
        {made ? (
          <>
            <Box>
              <strong>{thin(item.conductor ?? "")}</strong>
              <Box color="ink.soft">
                {sayLanding(named(made.landing))} · {thin(made.recipe.preparation.headline)}
              </Box>
              <Strip made={made} />
            </Box>
            <Torque made={made} />
          </>
        ) : (
          <Box gridColumn={{ md: "2 / span 2" }}>{item.says}</Box>
        )}
        <Flex justifyContent={{ md: "flex-end" }} alignItems="start" flexWrap="wrap">
          {item.subject.job && item.subject.wire && (
            <Link
              variant="row"
              to={`/jobs/${item.subject.job}/wires?wire=${item.subject.wire}`}
              aria-label={`Open the wire of event ${item.sequence}`}
            >
              Its wire
            </Link>
          )}
          {item.subject.job && item.subject.enclosure && !item.subject.wire && (
            <Link
              variant="row"
              to={`/board/${item.subject.job}/${item.subject.enclosure}/dead`}
              aria-label={`Open the enclosure of event ${item.sequence}`}
            >
              Its locks
            </Link>
          )}
          {item.subject.job && item.continuity && (
            <Link
              variant="row"
              to={`/cords/pins?job=${item.subject.job}&kept=${item.continuity.pinMap}`}
              aria-label={`Open the pin map of event ${item.sequence}`}
            >
              Its map
            </Link>
          )}
          {(made ?? item.park ?? item.rework ?? item.continuity ?? item.kind === "name-joined") &&
            item.state !== "withdrawn" &&
            onWithdraw && (
              <Button variant="plain" onClick={onWithdraw} aria-label={`Withdraw event ${item.sequence}`}>
                Withdraw
              </Button>
            )}
        </Flex>
      </Grid>
      {[...(item.damage ? [item.damage] : []), ...item.clock.map((odd) => clocks[odd])].map((says) => (
        <Box key={says} mt={2} textStyle="dense" color={item.damage ? "stop" : "ink.soft"}>
          {says}
        </Box>
      ))}
      {item.deadSays && (
        <Box
          mt={2}
          textStyle="dense"
          data-dead-work={item.deadWork}
          color={item.deadWork === "new-panel" || item.deadWork === "unplugged" ? "ink.soft" : "stop"}
        >
          {item.deadSays}
        </Box>
      )}
      {item.findings
        .filter((finding) => finding.severity !== "note")
        .map((finding) => (
          <Box key={finding.check} mt={2} textStyle="dense">
            <chakra.strong color="stop">Fix.</chakra.strong> {thin(finding.says)} {thin(finding.do)}
          </Box>
        ))}
    </Panel>
  );
}

function Strip({ made }: { made: Schemas["TerminationDocument"] }) {
  const { lead } = useUnits();
  const strip = made.recipe.strip;
  if (!strip) return null;
  const measured = made.measuredStrip;
  return (
    <Box mt={1}>
      <Box textStyle="dense">
        Strip{" "}
        {measured ? thin(sayBoth(measured, lead)) : <chakra.span color="ink.soft">not measured</chakra.span>}
      </Box>
      <WindowBar
        least={strip.least.value}
        target={strip.target.value}
        most={strip.most.value}
        value={measured?.value ?? null}
        height="12px"
      />
    </Box>
  );
}

function Torque({ made }: { made: Schemas["TerminationDocument"] }) {
  const { lead } = useUnits();
  const { torque: window } = made.recipe;
  const { method, torque, tool, simulated } = made.tightening;
  if (!window) return <Box fontWeight={600}>seated: nothing is tightened here</Box>;
  const how = method === "reading" ? "read" : "clicked at";
  return (
    <Box>
      <Box fontWeight={600}>{torque ? `${how} ${thin(sayBoth(torque, lead))}` : "by feel, unmeasured"}</Box>
      <Box color="ink.soft" textStyle="dense">
        {tool} {simulated && <SimulatedBadge />}
      </Box>
      <Box mt={1} textStyle="dense">
        {thin(`${inOrder(window.least, lead)[0]} to ${inOrder(window.most, lead)[0]}`)}
      </Box>
      <WindowBar
        least={window.least.value}
        target={window.target.value}
        most={window.most.value}
        value={torque?.value ?? null}
        height="12px"
      />
    </Box>
  );
}
