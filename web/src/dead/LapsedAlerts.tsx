import { Box, Flex } from "@chakra-ui/react";
import { Alert, Link } from "../ui";
import type { Told } from "./deadApi";

/** What counts as live again. It goes when dead is proved anew, or the locks are off: nobody can push it aside. */
export function LapsedAlerts({ lapsed }: { lapsed: Told[] }) {
  return (
    <Flex direction="column" gap={2} p={{ base: 3, md: 4 }} pb={0} data-lapsed>
      {lapsed.map(({ jobId, enclosureId, enclosure, says }) => (
        <Alert key={enclosureId} status="error" title={`${enclosure}: hands out. It counts as live again.`}>
          <Box>
            {says} <Link to={`/board/${jobId}/${enclosureId}/dead`}>Prove it dead</Link>
          </Box>
        </Alert>
      ))}
    </Flex>
  );
}
