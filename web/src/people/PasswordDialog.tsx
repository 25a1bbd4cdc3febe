import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { Button, Form, Dialog, TextField } from "../ui";
import { sessionApi, useSession, type Session } from "./session";

/** What a PIN is not enough for: the password of whoever holds this screen, once. */
export function PasswordDialog({
  says,
  onDone,
  onClose,
}: {
  says: string;
  onDone: (session: Session) => void;
  onClose: () => void;
}) {
  const { session } = useSession();
  const { handleSubmit, register } = useForm({ defaultValues: { password: "" } });
  const confirm = useMutation({ mutationFn: sessionApi.confirm, onSuccess: onDone });
  return (
    <Dialog
      title="Your password"
      open
      size="sm"
      onClose={onClose}
      startsAt="confirm-password"
      footer={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button variant="solid" type="submit" form="confirm" disabled={confirm.isPending}>
            Go on
          </Button>
        </>
      }
    >
      <Form id="confirm" onSubmit={() => void handleSubmit(({ password }) => confirm.mutate(password))()}>
        <Box>{says}</Box>
        <TextField
          id="confirm-password"
          type="password"
          label={`Password of ${session?.person?.name ?? "yours"}`}
          error={confirm.error?.message}
          autoComplete="current-password"
          {...register("password")}
        />
      </Form>
    </Dialog>
  );
}
