import { Box, Flex, Grid } from "@chakra-ui/react";
import { useState } from "react";
import { useSession } from "../people/session";
import { Alert, Button, Checkbox, Disclosure, ErrorMessage, Segments, TextField } from "../ui";
import type { Dead } from "./deadApi";
import { Measure, Measured, sayPair } from "./Measure";
import { Step } from "./Step";
import type { Doing } from "./useDead";
import { keyOf, type Proving, type With } from "./useProof";

/** The instrument proved, every conductor to each other and to earth, the instrument proved again. */
export function ProvePanel({ dead, doing, proving }: { dead: Dead; doing: Doing; proving: Proving }) {
  const { refusal } = useSession();
  const { draft, how, live, next } = proving;
  const isDead = dead.told.state === "dead";
  const [stale, setStale] = useState(false);
  const record = async () => {
    if (proving.isStale()) {
      setStale(true);
      return proving.clear();
    }
    setStale(false);
    const isStandIn = how.with === "stand-in";
    const stored = await doing.send({
      kind: "proved-dead",
      proof: {
        instrument: how.with === "two-pole-tester" ? "two-pole-tester" : "multimeter",
        name: isStandIn ? "Stand-in multimeter" : how.name,
        provedOn: how.provedOn,
        before: draft.before,
        after: draft.after,
        readings: dead.pairs.flatMap(({ from, to }) => {
          const volts = draft.readings[keyOf({ from, to })];
          return volts === undefined ? [] : [{ from, to, volts }];
        }),
        simulated: isStandIn,
      },
    });
    if (stored) proving.clear();
  };
  const missing =
    refusal("make-dead") ??
    (how.with !== "stand-in" && !how.name.trim()
      ? "Say with which instrument."
      : !how.provedOn.trim()
        ? "Say what it is proved on."
        : live
          ? null
          : (dead.missingToProve ??
            (!draft.before
              ? "Prove the instrument first."
              : next
                ? "Not everything is measured yet."
                : !draft.after
                  ? "Prove the instrument again."
                  : null)));
  const steps = (
    <Flex direction="column" gap={3}>
      <Instrument dead={dead} proving={proving} />
      <Checkbox checked={draft.before} onChange={(before) => proving.change({ before })}>
        It showed what is live on {how.provedOn.trim() || "the proving unit"}, before
      </Checkbox>
      {dead.points.length === 0 ? (
        <Box color="caution">
          No wire of this enclosure says what it carries: give the wires their functions first, so that it is
          known what to measure.
        </Box>
      ) : (
        <>
          <Measure dead={dead} proving={proving} />
          <Measured dead={dead} proving={proving} />
        </>
      )}
      <Checkbox checked={draft.after} onChange={(after) => proving.change({ after })}>
        It showed it again, after
      </Checkbox>
      {live && (
        <Alert status="error" title={`Live: ${draft.readings[keyOf(live)]} V, ${sayPair(dead, live)}`}>
          Hands out. Find what feeds it, list it among the sources, lock it, and measure again.
        </Alert>
      )}
      {stale && (
        <ErrorMessage
          of={`That was begun more than ${dead.pauseMinutes} minutes ago, and proves nothing any more: measure anew.`}
        />
      )}
      {doing.last === "proved-dead" && <ErrorMessage of={doing.refused} />}
      <Button
        variant={live ? "danger" : "solid"}
        disabled={doing.busy}
        missing={missing}
        onClick={() => void record()}
      >
        {live ? "Record: it is live" : "Record: it is dead"}
      </Button>
    </Flex>
  );
  return (
    <Step number={3} title="Proved dead" done={isDead}>
      {isDead && dead.proof ? (
        <>
          <Box mb={3}>
            By {dead.proof.by}, {dead.proof.readings} readings with {dead.proof.instrument}
            {dead.proof.simulated && " (simulated)"}.
          </Box>
          <Disclosure label="Prove it again">{steps}</Disclosure>
        </>
      ) : (
        steps
      )}
    </Step>
  );
}

/** With what, and what that was proved on. */
function Instrument({ dead, proving: { how, setHow } }: { dead: Dead; proving: Proving }) {
  return (
    <Flex direction="column" gap={2}>
      <Segments<With>
        label="Instrument"
        value={how.with}
        onChange={(instrument) => setHow({ ...how, with: instrument })}
        options={[
          ["two-pole-tester", "Two-pole tester"],
          ["multimeter", "Multimeter"],
          ...(dead.meterStandIn ? ([["stand-in", "Stand-in"]] as [With, string][]) : []),
        ]}
      />
      <Grid templateColumns={how.with === "stand-in" ? "1fr" : "1fr 1fr"} gap={2}>
        {how.with !== "stand-in" && (
          <TextField
            label="Which one"
            maxLength={60}
            value={how.name}
            onChange={(event) => setHow({ ...how, name: event.target.value })}
          />
        )}
        <TextField
          label="Proved on"
          hint="A proving unit, or what is surely live."
          maxLength={60}
          value={how.provedOn}
          onChange={(event) => setHow({ ...how, provedOn: event.target.value })}
        />
      </Grid>
      <Box color="caution">Never by a tester that touches nothing, alone.</Box>
    </Flex>
  );
}
