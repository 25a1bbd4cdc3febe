import { Box, chakra, Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useEventRecording } from "../recording/useEventRecording";
import type { Schemas } from "../client";
import type { Metal } from "../drawing/looks";
import { jobApi } from "./jobApi";
import { useUnits } from "../shared/Units";
import { Assessed } from "../rework/Assessed";
import { FaultPicker } from "../rework/FaultPicker";
import { nothingSeen, seenAs, toFound } from "../rework/seen";
import { parkReasons, type ParkReason } from "../rework/words";
import { Button, Disclosure, ErrorMessage, Link, Select } from "../ui";

const cordQuestions: [string, string][] = [
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
  const say = useSay();
  const { lead } = useUnits();
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
    if (!(await recorded)) return;
    setSeen(nothingSeen);
    setWhy("");
    await queries.invalidateQueries({ queryKey: ["job", job] });
  };
  const waits = progress.park ? `Parked: ${parkReasons[progress.park]}.` : null;
  return (
    <>
      {progress.lastRecord && (
        <Flex gap={2} alignItems="center" flexWrap="wrap" data-stands={progress.state}>
          <chakra.strong>{waits ?? "Rejected: cut it back and land it anew."}</chakra.strong>
          <Button disabled={busy} onClick={() => void after(withdraw(progress.lastRecord ?? ""))}>
            {waits ? "Resume" : "Withdraw the rejection"}
          </Button>
        </Flex>
      )}
      <Disclosure label="Something is wrong with it, or it must wait">
        <Flex gap={3} flexWrap="wrap" alignItems="center">
          <span>About its cord:</span>
          {cordQuestions.map(([part, words]) => (
            <Link variant="row" key={part} to={`/cords/${part}`}>
              {say(words)}
            </Link>
          ))}
        </Flex>
        <FaultPicker seen={seen} onSeen={setSeen} />
        <ErrorMessage of={(found && assessed.error) || error} />
        {found && assessed.data && (
          <>
            <Assessed assessed={assessed.data} metal={metal} />
            <Button
              variant="solid"
              mt={2}
              disabled={busy}
              onClick={() => void after(send({ kind: "rework", subject, rework: found }))}
            >
              Record
            </Button>
          </>
        )}
        <Flex gap={2} alignItems="flex-end" mt={3}>
          <Box flex={1}>
            <Select
              label="Park it"
              value={why}
              onChange={(reason) => setWhy(reason as typeof why)}
              options={[["", "why?"], ...Object.entries(parkReasons)]}
            />
          </Box>
          <Button
            disabled={busy || !why}
            onClick={() => why && void after(send({ kind: "park", subject, park: why }))}
          >
            Park
          </Button>
        </Flex>
      </Disclosure>
    </>
  );
}
