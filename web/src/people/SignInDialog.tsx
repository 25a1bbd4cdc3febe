import { Box } from "@chakra-ui/react";
import { Button, Dialog } from "../ui";
import type { Session } from "./session";
import { SignInForm } from "./SignInForm";

/** Somebody signs in without leaving what they were at. */
export function SignInDialog({
  says,
  known,
  onDone,
  onClose,
}: {
  says: string;
  known: Session | undefined;
  onDone: (session: Session) => void;
  onClose: () => void;
}) {
  return (
    <Dialog
      title="Sign in"
      open
      size="sm"
      onClose={onClose}
      startsAt="sign-in-name"
      footer={<Button onClick={onClose}>Cancel</Button>}
    >
      {says && <Box mb={3}>{says} What you typed is kept.</Box>}
      <SignInForm known={known} onDone={onDone} />
    </Dialog>
  );
}
