import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Button, ButtonLink, Dialog, Disclosure, ErrorMessage } from "../ui";
import { ChangeSecrets } from "./ChangeSecrets";
import { roleNames, sessionApi, useSession } from "./session";
import { SessionList } from "./SessionList";
import { SignInForm } from "./SignInForm";
import { Supervisor } from "./Supervisor";

/** Who holds this screen, and what they do about it: hand it on, sign out, change what they sign in with. */
export function AccountDialog({ onClose }: { onClose: () => void }) {
  const { session, keep } = useSession();
  // Whose dialog it is, whoever is signed in by the time that it closes.
  const [person] = useState(session?.person);
  // A shared tablet is handed on more often than asked about: one tap opens it, the next says who it is.
  const [handing, setHanding] = useState(Boolean(session?.tablet));
  const signOut = useMutation({
    mutationFn: sessionApi.signOut,
    onSuccess: async () => {
      onClose();
      keep(await sessionApi.now());
    },
  });
  if (!person) return null;
  return (
    <Dialog
      title={person.name}
      open
      size="sm"
      onClose={onClose}
      footer={
        <>
          <Button onClick={() => signOut.mutate()} disabled={signOut.isPending}>
            Sign out
          </Button>
          {handing && session?.tablet && <Button onClick={() => setHanding(false)}>My account</Button>}
          <Button onClick={onClose}>Close</Button>
        </>
      }
    >
      {handing ? (
        <SignInForm
          known={session}
          onDone={(next) => {
            keep(next);
            onClose();
          }}
        />
      ) : (
        <Flex direction="column" gap={3}>
          <Box>
            {roleNames[person.role]}
            {session?.proof === "pin" && ", signed in by PIN"}
          </Box>
          {person.role === "apprentice" && <Supervisor />}
          <Button variant="solid" alignSelf="start" onClick={() => setHanding(true)}>
            Change person
          </Button>
          <ErrorMessage of={signOut.error} />
          <Disclosure label="Change password or PIN">
            <ChangeSecrets />
          </Disclosure>
          <Disclosure label="Where I am signed in">
            <SessionList person={person.id} />
          </Disclosure>
          <ButtonLink to="/people" alignSelf="start" onClick={onClose}>
            Who works here
          </ButtonLink>
        </Flex>
      )}
    </Dialog>
  );
}
