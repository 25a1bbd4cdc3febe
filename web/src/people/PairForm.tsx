import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { Button, Form, TextField } from "../ui";
import { sessionApi, type Session } from "./session";

/** Makes this screen a shared one, by the code on a lead’s. From then on a PIN is enough on it. */
export function PairForm({ code = "", onDone }: { code?: string; onDone: (session: Session) => void }) {
  const { handleSubmit, register } = useForm({ defaultValues: { code } });
  const pair = useMutation({ mutationFn: sessionApi.pairTablet, onSuccess: onDone });
  return (
    <Form onSubmit={() => void handleSubmit((typed) => pair.mutate(typed.code))()}>
      <Box>
        A lead shows a code under “Who works here”. Then everybody signs in on this screen by name and PIN.
      </Box>
      <TextField
        label="Code"
        hint="Twelve letters and digits. Capitals and dashes don’t matter."
        error={pair.error?.message}
        maxLength={40}
        {...register("code", { required: true })}
      />
      <Button variant="solid" type="submit" alignSelf="start" disabled={pair.isPending}>
        Pair this screen
      </Button>
    </Form>
  );
}
