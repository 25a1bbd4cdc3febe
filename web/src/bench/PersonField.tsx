import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useId } from "react";
import { useForm } from "react-hook-form";
import { api } from "../client";
import { Action, Field, FieldLabel } from "../shared/Panel";
import type { Person } from "./recording";

/** Who does the work. A name typed once is remembered on this device; it is not proved. */
export function PersonField({
  person,
  onPerson,
}: {
  person: Person | null;
  onPerson: (person: Person | null) => void;
}) {
  // A page may ask for it beside a dialog that asks too.
  const field = useId();
  const {
    formState: { isValid },
    handleSubmit,
    register,
  } = useForm({ defaultValues: { name: "" }, mode: "onChange" });
  const add = useMutation({ mutationFn: api.addPerson, onSuccess: onPerson });
  if (person) {
    return (
      <Flex alignItems="center" gap={1} flexWrap="wrap" fontSize="15px">
        <span>
          By <strong>{person.name}</strong>
          {!person.proved && ", not proved"}
        </span>
        <Action look="link" onClick={() => onPerson(null)}>
          Somebody else
        </Action>
      </Flex>
    );
  }
  return (
    <form onSubmit={(event) => void handleSubmit(({ name }) => add.mutate(name))(event)}>
      <FieldLabel htmlFor={field}>Who does it? Typed once, kept on this device.</FieldLabel>
      <Flex gap={2}>
        <Field
          id={field}
          maxLength={80}
          placeholder="Your name"
          autoComplete="name"
          {...register("name", { validate: (name) => name.trim() !== "" })}
          aria-invalid={add.isError}
        />
        <Action type="submit" disabled={!isValid || add.isPending} flex="none">
          That’s me
        </Action>
      </Flex>
      {add.error && <Box color="stop">{add.error.message}</Box>}
    </form>
  );
}
