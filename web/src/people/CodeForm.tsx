import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { Button, Form, TextField } from "../ui";
import { Refusal } from "../client";
import { sessionApi, type Session } from "./session";

/** A code that is good once, and what is signed in with from then on. */
export function CodeForm({
  isFirst = false,
  onDone,
}: {
  isFirst?: boolean;
  onDone: (session: Session) => void;
}) {
  const { handleSubmit, register } = useForm({
    defaultValues: { name: "", code: "", password: "", pin: "" },
  });
  const use = useMutation({ mutationFn: sessionApi.useCode, onSuccess: onDone });
  const refused = (field: string) =>
    use.error instanceof Refusal && use.error.field === field ? use.error.message : undefined;
  const other =
    use.error &&
    !(use.error instanceof Refusal && ["password", "pin", "name"].includes(use.error.field ?? ""));
  return (
    <Form
      onSubmit={() => void handleSubmit(({ pin, ...typed }) => use.mutate({ ...typed, pin: pin || null }))()}
    >
      {isFirst && (
        <Box>
          Nobody works here yet. The first lead comes in with the code that was printed where Lacet was
          started, and lets the others in.
        </Box>
      )}
      <TextField
        id="sign-in-name"
        label={isFirst ? "Your name" : "Name"}
        error={refused("name")}
        autoComplete="username"
        maxLength={80}
        {...register("name", { required: true })}
      />
      <TextField
        label="Code"
        hint="Twelve letters and digits. Capitals and dashes don’t matter."
        error={other ? use.error?.message : undefined}
        autoComplete="one-time-code"
        maxLength={40}
        {...register("code", { required: true })}
      />
      <TextField
        type="password"
        label="A password of your own"
        hint="10 characters or more. Three words that do not belong together are easy to keep."
        error={refused("password")}
        autoComplete="new-password"
        {...register("password", { required: true })}
      />
      <TextField
        type="password"
        label="A PIN for shared tablets"
        hint="4 to 8 digits; you can leave it out."
        error={refused("pin")}
        inputMode="numeric"
        autoComplete="off"
        maxLength={8}
        {...register("pin")}
      />
      <Button variant="solid" type="submit" alignSelf="start" disabled={use.isPending}>
        Sign in
      </Button>
    </Form>
  );
}
