import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { useParams } from "react-router";
import { useBoard } from "../job/useBoard";
import { Button, ErrorMessage, Link, Loading, Panel } from "../ui";
import type { Dead } from "./deadApi";
import { LocksPanel } from "./LocksPanel";
import { PointsDrawing } from "./PointsDrawing";
import { NothingToProve, PowerPanel } from "./PowerPanel";
import { ProvePanel } from "./ProvePanel";
import { SourcesPanel } from "./SourcesPanel";
import { SayStanding, StateWord } from "./states";
import { useDead, type Doing } from "./useDead";
import { useProof } from "./useProof";
import { WorkedWithout } from "./WorkedWithout";
import { clock } from "./clock";
import { WorkPanel } from "./WorkPanel";

/** An enclosure made dead, worked in, and powered again: one step after the other. */
export function DeadPage() {
  const { job = "", enclosure = "" } = useParams();
  const doing = useDead(job, enclosure);
  if (doing.error) return <ErrorMessage of={doing.error} />;
  if (!doing.dead) return <Loading what="Looking what is locked…" lines={4} />;
  return <Steps key={enclosure} dead={doing.dead} doing={doing} />;
}

const Column = ({ children }: { children: ReactNode }) => (
  <Flex direction="column" gap={3} minW={0} display={{ base: "contents", lg: "flex" }}>
    {children}
  </Flex>
);

function Steps({ dead, doing }: { dead: Dead; doing: Doing }) {
  const { jobId, enclosureId, enclosure, state } = dead.told;
  const { index } = useBoard(jobId, enclosureId);
  const proving = useProof(dead);
  return (
    <Flex direction="column" gap={3} maxW="1160px">
      <Flex gap={3} alignItems="baseline" flexWrap="wrap">
        <chakra.h1 textStyle="title" flex={1}>
          {enclosure}: make it dead
        </chakra.h1>
        <Link to={`/board/${jobId}/${enclosureId}`}>Its board</Link>
      </Flex>
      <Panel role="status">
        <StateWord state={state} large />
        <Box>
          <SayStanding told={dead.told} />
        </Box>
        {dead.lapsed && (
          <Box color="ink.soft">
            {dead.lapsed.by}, {clock.format(new Date(dead.lapsed.at))}
          </Box>
        )}
        <WorkedWithout job={jobId} enclosure={enclosureId} />
      </Panel>
      {doing.again && (
        <Flex gap={3} alignItems="center" flexWrap="wrap">
          <Box color="stop">It is not known whether that arrived. Sent again, it is stored once.</Box>
          <Button onClick={() => void doing.again?.()}>Send it again</Button>
        </Flex>
      )}
      <Grid gap={3} templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 1fr)" }}>
        {/* On a phone one below the other, the drawing beside what is measured. */}
        <Column>
          <SourcesPanel dead={dead} doing={doing} />
          {state !== "dead" && state !== "locked-off" && <NothingToProve doing={doing} />}
          {index && dead.points.length > 0 && (
            <Panel order={2} position={{ lg: "sticky" }} top={0}>
              <PointsDrawing dead={dead} index={index} next={proving.next} done={proving.done} />
            </Panel>
          )}
        </Column>
        <Column>
          <Box order={1}>
            <LocksPanel dead={dead} doing={doing} />
          </Box>
          <Flex order={3} direction="column" gap={3} minW={0}>
            <ProvePanel dead={dead} doing={doing} proving={proving} />
            <WorkPanel dead={dead} doing={doing} />
            <PowerPanel dead={dead} doing={doing} />
          </Flex>
        </Column>
      </Grid>
    </Flex>
  );
}
