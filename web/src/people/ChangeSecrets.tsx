import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { Refusal } from "../client";
import { Button, Form, TextField } from "../ui";
import { sessionApi, useSession } from "./session";

/** Another password or PIN, for whoever shows the password they have. */
export function ChangeSecrets() {
  const { keep } = useSession();
  const { handleSubmit, register, reset } = useForm({
    defaultValues: { password: "", newPassword: "", newPin: "" },
  });
  const change = useMutation({
    mutationFn: sessionApi.changeSecrets,
    onSuccess: (session) => {
      keep(session);
      reset();
    },
  });
  const field = change.error instanceof Refusal ? change.error.field : undefined;
  const error = (of: string[]) => (field && of.includes(field) ? change.error?.message : undefined);
  return (
    <Form
      onSubmit={() =>
        void handleSubmit(({ password, newPassword, newPin }) =>
          change.mutate({ password, newPassword: newPassword || null, newPin: newPin || null }),
        )()
      }
    >
      <TextField
        type="password"
        label="Password as it is"
        autoComplete="current-password"
        error={change.error && !field ? change.error.message : undefined}
        {...register("password", { required: true })}
      />
      <TextField
        type="password"
        label="New password"
        hint="Empty leaves it. 10 characters or more."
        autoComplete="new-password"
        error={error(["password", "newPassword"])}
        {...register("newPassword")}
      />
      <TextField
        type="password"
        label="New PIN"
        hint="Empty leaves it. 4 to 8 digits."
        inputMode="numeric"
        maxLength={8}
        error={error(["pin"])}
        {...register("newPin")}
      />
      <Button type="submit" alignSelf="start" disabled={change.isPending}>
        Save
      </Button>
      <Box role="status">{change.isSuccess && "Saved. You are signed out everywhere else."}</Box>
    </Form>
  );
}
