import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { jobApi, type Finding } from "../jobs/jobApi";
import { useChanges } from "../jobs/useChanges";
import { DialogFrame } from "../shared/DialogFrame";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { thin } from "../shared/Units";

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
  const { send, person, error } = useChanges();
  const [reason, setReason] = useState("");
  const accept = () =>
    void send((id, personId) => jobApi.accept(job, { id, personId, key: finding.key, reason })).then(
      (taken) => taken && onClose(),
    );
  return (
    <DialogFrame
      title="Accept it as it is"
      open
      width="520px"
      onClose={onClose}
      startsAt="reason"
      footer={
        <>
          <Action onClick={onClose}>Leave it</Action>
          <Action look="main" disabled={!reason.trim() || !person} onClick={accept}>
            {person ? `Accept, by ${person.name}` : "Type your name first"}
          </Action>
        </>
      }
    >
      <Box>{thin(finding.says)}</Box>
      <Box mt={3}>
        <FieldLabel htmlFor="reason">Why is it right here?</FieldLabel>
        <Field
          id="reason"
          value={reason}
          maxLength={500}
          autoComplete="off"
          onChange={(event) => setReason(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && reason.trim() && accept()}
        />
      </Box>
      <Box mt={2} fontSize="15px" color="ink.soft">
        It comes back when what it rests on changes.
      </Box>
      <Box role="alert" color="stop">
        {error}
      </Box>
    </DialogFrame>
  );
}
