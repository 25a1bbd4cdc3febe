import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { useEventRecording } from "../bench/recording";
import type { Schemas } from "../client";
import type { Metal } from "../drawing/looks";
import { jobApi } from "../jobs/jobApi";
import { useChanges } from "../jobs/useChanges";
import { Action } from "../shared/Panel";
import { Select } from "../shared/Select";
import { useUnits } from "../shared/Units";
import { Assessed } from "./Assessed";
import { FaultPicker } from "./FaultPicker";
import { nothingSeen, seenAs, toFound } from "./seen";
import { parkReasons, type ParkReason } from "./words";

const Opened = chakra("summary", { base: { minH: "44px", py: 2, cursor: "pointer", fontWeight: 600 } });

const ToCords = chakra(Link, {
  base: {
    minH: "44px",
    display: "inline-flex",
    alignItems: "center",
    color: "copper",
    textDecoration: "underline",
  },
});

const cordQuestions = [
  ["look", "is it fit?"],
  ["size", "how thick?"],
  ["which", "which is which?"],
  ["plug", "new plug"],
  ["pins", "pin map"],
  ["earth", "open earth"],
];

/** An end that something is wrong with, or that must wait: assessed as it is seen, recorded with one tap, taken back. */
export function EndRework({
  job,
  wire,
  side,
  progress,
  found: before,
  metal,
}: {
  job: string;
  wire: string;
  side: "a" | "b";
  progress: Schemas["EndProgress"];
  /** What was wrong with it when it was looked at. */
  found: Schemas["FaultsFound"] | null;
  metal: Metal;
}) {
  const { lead } = useUnits();
  const { person } = useChanges();
  const queries = useQueryClient();
  const { send, withdraw, busy, error } = useEventRecording();
  const [seen, setSeen] = useState(() => seenAs(before));
  const [why, setWhy] = useState<ParkReason | "">("");
  const found = toFound(seen);
  const assessed = useQuery({
    queryKey: ["job", job, "rework", wire, side, found, lead],
    queryFn: () => jobApi.rework(job, wire, side, found ?? { damaged: 0 }, lead),
    enabled: found !== null,
    placeholderData: (before) => before,
  });
  const subject = { jobId: job, wireId: wire, side };
  const after = async (recorded: Promise<unknown>) => {
    await recorded;
    setSeen(nothingSeen);
    setWhy("");
    await queries.invalidateQueries({ queryKey: ["job", job] });
  };
  const waits = progress.park ? `Set aside: ${parkReasons[progress.park]}.` : null;
  return (
    <>
      {progress.lastRecord && (
        <Flex gap={2} alignItems="center" flexWrap="wrap" data-stands={progress.state}>
          <chakra.strong>{waits ?? "Rejected: cut it back and land it anew."}</chakra.strong>
          <Action
            disabled={!person || busy}
            onClick={() => person && void after(withdraw(progress.lastRecord ?? "", person))}
          >
            {waits ? "Take it up again" : "Take that back"}
          </Action>
        </Flex>
      )}
      <details>
        <Opened>Something is wrong with it, or it must wait</Opened>
        <Flex gap={3} flexWrap="wrap" alignItems="center">
          <span>About its cord:</span>
          {cordQuestions.map(([part, words]) => (
            <ToCords key={part} to={`/cords/${part}`}>
              {words}
            </ToCords>
          ))}
        </Flex>
        <FaultPicker seen={seen} onSeen={setSeen} />
        <Box role="alert" color="stop">
          {found && assessed.error?.message}
          {error?.message}
        </Box>
        {found && assessed.data && (
          <>
            <Assessed assessed={assessed.data} metal={metal} />
            <Action
              look="main"
              mt={2}
              disabled={!person || busy}
              onClick={() =>
                person && void after(send({ kind: "rework", personId: person.id, subject, rework: found }))
              }
            >
              {person ? "Record it" : "Type your name first"}
            </Action>
          </>
        )}
        <Flex gap={2} alignItems="flex-end" mt={3}>
          <Box flex={1}>
            <Select
              label="Set it aside"
              value={why}
              onChange={(reason) => setWhy(reason as typeof why)}
              options={[["", "why?"], ...Object.entries(parkReasons)]}
            />
          </Box>
          <Action
            disabled={!person || busy || !why}
            onClick={() =>
              person && why && void after(send({ kind: "park", personId: person.id, subject, park: why }))
            }
          >
            {person ? "Set aside" : "Type your name first"}
          </Action>
        </Flex>
      </details>
    </>
  );
}
