import { Box, Flex } from "@chakra-ui/react";
import { useLocation } from "react-router";
import { useDevices } from "../recording/Devices";
import { useSession } from "../people/session";
import { Alert, Link } from "../ui";

/**
 * What counts as live again, on every screen of whoever has a lock there or has that job open. It goes when dead is
 * proved anew, or the locks are off: nobody can push it aside.
 */
export function DeadAlert() {
  const { dead } = useDevices();
  const { session } = useSession();
  const { pathname } = useLocation();
  const me = session?.person?.id;
  const lapsed = dead.filter(
    ({ state, people, jobId }) =>
      state === "lapsed" && ((me && people.includes(me)) || pathname.includes(jobId)),
  );
  if (lapsed.length === 0) return null;
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
