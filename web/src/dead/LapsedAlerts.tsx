import { Box, Flex } from "@chakra-ui/react";
import { Alert, Link } from "../ui";
import { clock } from "./clock";
import type { Told } from "./deadApi";

/**
 * What counts as live again, and what soon will. It goes when dead is proved anew, or the locks are off: nobody can push
 * it aside.
 */
export function LapsedAlerts({ lapsed, ending }: { lapsed: Told[]; ending: Told[] }) {
  return (
    <Flex direction="column" gap={2} p={{ base: 3, md: 4 }} pb={0} data-lapsed>
      {lapsed.map(({ jobId, enclosureId, enclosure, says }) => (
        <Alert key={enclosureId} status="error" title={`${enclosure}: hands out. It counts as live again.`}>
          <Box>
            {says} <Link to={`/board/${jobId}/${enclosureId}/dead`}>Prove it dead</Link>
          </Box>
        </Alert>
      ))}
      {ending.map(({ jobId, enclosureId, enclosure, until }) => (
        <Alert
          key={enclosureId}
          status="warning"
          title={`${enclosure}: proved dead until ${until && clock.format(new Date(until))}.`}
        >
          <Box>
            Whoever is still in it says so, or it counts as live.{" "}
            <Link to={`/board/${jobId}/${enclosureId}/dead`}>Still at work</Link>
          </Box>
        </Alert>
      ))}
    </Flex>
  );
}
