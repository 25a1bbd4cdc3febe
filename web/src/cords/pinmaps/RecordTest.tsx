import { Box } from "@chakra-ui/react";
import { useEventRecording } from "../../recording/useEventRecording";
import type { Part } from "../../job/jobApi";
import { Button, ErrorMessage } from "../../ui";

/** What was measured on a map that is kept, put into the Log; nothing where nothing was. */
export function RecordTest({ job, part }: { job: string; part: Extract<Part, { part: "pin-map" }> }) {
  const { send, busy, error, done } = useEventRecording();
  const measured = part.map.pins.filter((pin) => pin.heard || pin.isOpen || pin.ohms !== null);
  if (measured.length === 0) return null;
  return (
    <Box w="100%">
      <Button
        disabled={busy}
        aria-label={`Record the test of ${part.map.name}`}
        onClick={() =>
          // What is wrong is said below; nothing is lost by it.
          void send({ kind: "continuity", continuity: { jobId: job, pinMapId: part.id } })
        }
      >
        Record its test: {measured.length} of {part.map.pins.length} pins
      </Button>
      <Box role="status">{done && "Recorded in the Log."}</Box>
      <ErrorMessage of={error} />
    </Box>
  );
}
