import { Box, Flex } from "@chakra-ui/react";
import { ButtonLink, ErrorMessage, Panel } from "../ui";
import { SayStanding, StateWord } from "./states";
import { useDead } from "./useDead";

/** Whether an enclosure is dead, in a line over its board, and the way to make it so. */
export function DeadStrip({ job, enclosure, name }: { job: string; enclosure: string; name: string }) {
  const { dead, error } = useDead(job, enclosure);
  if (error) return <ErrorMessage of={error} />;
  if (!dead) return null;
  const { state } = dead.told;
  const isProved = state === "dead" || state === "exempt";
  return (
    <Panel role="status">
      <Flex gap={3} alignItems="center" flexWrap="wrap">
        <StateWord state={state} />
        <Box flex="1 1 240px" minW={0}>
          <SayStanding told={dead.told} />
          {dead.locks.length > 0 && (
            <Box color="ink.soft">
              Locks on: {dead.locks.map((lock) => `${lock.name} (${lock.number})`).join(", ")}
            </Box>
          )}
        </Box>
        <ButtonLink to={`/board/${job}/${enclosure}/dead`} variant={isProved ? "outline" : "solid"}>
          {isProved ? "Locks and proof" : `Make ${name} dead`}
        </ButtonLink>
      </Flex>
    </Panel>
  );
}
