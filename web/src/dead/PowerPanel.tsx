import { Box, Flex } from "@chakra-ui/react";
import { useSession } from "../people/session";
import { Button, ErrorMessage } from "../ui";
import type { Dead } from "./deadApi";
import { Step } from "./Step";
import type { Doing } from "./useDead";

/** Power comes back when every person’s lock is off, and not before. */
export function PowerPanel({ dead, doing }: { dead: Dead; doing: Doing }) {
  const { refusal } = useSession();
  const names = dead.locks.map(({ name, number }) => `${name} (${number})`).join(", ");
  return (
    <Step number={5} title="Power back on" done={dead.told.state === "live"}>
      <Flex direction="column" gap={2}>
        <Box>Everybody out, tools counted, covers on. Then each takes off their own lock.</Box>
        {doing.last === "energised" && <ErrorMessage of={doing.refused} />}
        <Button
          variant="danger"
          disabled={doing.busy || dead.told.state === "live"}
          missing={refusal("make-dead") ?? (names && `Locks are still on: ${names}.`)}
          onClick={() => void doing.send({ kind: "energised" })}
        >
          Power goes on
        </Button>
      </Flex>
    </Step>
  );
}

/** Where nothing is to be proved, and why. */
export function NothingToProve({ doing }: { doing: Doing }) {
  const { refusal } = useSession();
  const missing = refusal("make-dead");
  return (
    <Box>
      <Box mb={2}>Or nothing is to be proved here:</Box>
      <Flex gap={2} flexWrap="wrap">
        <Button
          onClick={() => void doing.send({ kind: "exemption", exemption: "new-panel" })}
          disabled={doing.busy || !!missing}
        >
          A new panel on the bench: nothing feeds it
        </Button>
        <Button
          onClick={() => void doing.send({ kind: "exemption", exemption: "unplugged" })}
          disabled={doing.busy || !!missing}
        >
          It is unplugged, and I see the plug
        </Button>
      </Flex>
      {missing && <Box color="ink.soft">{missing}</Box>}
      {doing.last === "exemption" && <ErrorMessage of={doing.refused} />}
    </Box>
  );
}
