import { Box, chakra } from "@chakra-ui/react";
import { useDead } from "./useDead";

/** That ends were worked at without proof that their enclosure was dead, as it is: on screen and on paper. */
export function WorkedWithout({ job, enclosure }: { job: string; enclosure: string }) {
  const { dead } = useDead(job, enclosure);
  if (!dead?.workedWithout) return null;
  return (
    <Box mt={1} data-worked-without>
      <chakra.strong color="stop">Dead-check:</chakra.strong> {dead.workedWithout}
    </Box>
  );
}
