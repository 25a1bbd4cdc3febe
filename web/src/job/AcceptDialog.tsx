import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { jobApi, type Finding } from "./jobApi";
import { useChanges } from "./useChanges";
import { thin } from "../shared/Units";
import { Button, Dialog, ErrorMessage, TextField } from "../ui";

/** Takes a finding as it is: with a reason and a name, until what it rests on changes. */
export function AcceptDialog({
  job,
  finding,
  onClose,
}: {
  job: string;
  finding: Finding;
  onClose: () => void;
}) {
  const { send, error } = useChanges();
  const [reason, setReason] = useState("");
  const accept = () =>
    void send((id) => jobApi.accept(job, { id, key: finding.key, reason })).then(
      (taken) => taken && onClose(),
    );
  return (
    <Dialog
      title="Accept it as it is"
      open
      size="md"
      onClose={onClose}
      startsAt="reason"
      footer={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button variant="solid" missing={!reason.trim() && "Say why."} onClick={accept}>
            Accept
          </Button>
        </>
      }
    >
      <Box>{thin(finding.says)}</Box>
      <Box mt={3}>
        <TextField
          id="reason"
          label="Why is it right here?"
          value={reason}
          maxLength={500}
          autoComplete="off"
          onChange={(event) => setReason(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && reason.trim() && accept()}
        />
      </Box>
      <Box mt={2} textStyle="dense" color="ink.soft">
        It comes back when what it rests on changes.
      </Box>
      <ErrorMessage of={error} />
    </Dialog>
  );
}
