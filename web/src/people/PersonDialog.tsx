import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { api } from "../client";
import { Button, Dialog, TextField } from "../ui";
import type { Person } from "./person";

/** Who does the work. A name typed once is remembered on this device; it is not proved. */
export function PersonDialog({
  person,
  onPerson,
  onClose,
}: {
  person: Person | null;
  onPerson: (person: Person | null) => void;
  onClose: () => void;
}) {
  const {
    formState: { isValid },
    handleSubmit,
    register,
  } = useForm({ defaultValues: { name: "" }, mode: "onChange" });
  const add = useMutation({ mutationFn: api.addPerson, onSuccess: onPerson });
  const save = handleSubmit(({ name }) => add.mutate(name));
  return (
    <Dialog
      title="Who is working?"
      open
      size="sm"
      onClose={onClose}
      startsAt="person-name"
      footer={
        <>
          {person && <Button onClick={() => onPerson(null)}>Nobody</Button>}
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="solid"
            missing={!isValid && "Type a name."}
            disabled={add.isPending}
            onClick={() => void save()}
          >
            Save
          </Button>
        </>
      }
    >
      {person && (
        <Box mb={3}>
          Now: <strong>{person.name}</strong>
          {!person.proved && ", not proved"}
        </Box>
      )}
      <TextField
        id="person-name"
        label="Your name"
        hint="Kept on this device. Whatever is recorded or changed says who did it."
        error={add.error?.message}
        maxLength={80}
        autoComplete="name"
        {...register("name", { validate: (name) => name.trim() !== "" })}
        onKeyDown={(event) => event.key === "Enter" && void save()}
      />
    </Dialog>
  );
}
