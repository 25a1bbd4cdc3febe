import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { useNavigate } from "react-router";
import type { HouseRules } from "../bench/houseRules";
import { PersonField } from "../bench/PersonField";
import type { Person } from "../bench/recording";
import { DialogFrame } from "../shared/DialogFrame";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { useRemembered } from "../shared/remembered";
import { jobApi } from "./jobApi";

/** A new job, with the house rules of whoever makes it. */
export function NewJobDialog({
  purpose,
  person: known,
  rules,
  onClose,
}: {
  purpose: "work" | "survey";
  person: Person | null;
  rules: HouseRules;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const {
    // Read at each render: what is not read is not watched.
    formState: { isValid },
    handleSubmit,
    register,
  } = useForm({ defaultValues: { name: "" }, mode: "onChange" });
  const [person, setPerson] = useRemembered<Person | null>("person", known);
  const [id] = useState(() => crypto.randomUUID());
  const make = useMutation({
    mutationFn: ({ name }: { name: string }) =>
      jobApi.make({ id, personId: person?.id ?? "", name, purpose, houseRules: rules }),
    onSuccess: () => navigate(`/jobs/${id}${purpose === "survey" ? "/survey" : "/wires"}`),
  });
  const submit = handleSubmit((typed) => person && make.mutate(typed));
  return (
    <DialogFrame
      title={purpose === "survey" ? "New survey" : "New job"}
      open
      width="460px"
      onClose={onClose}
      startsAt="job-name"
      footer={
        <>
          <Action onClick={onClose}>Leave it</Action>
          <Action look="main" disabled={!person || !isValid || make.isPending} onClick={() => void submit()}>
            {person ? "Make it" : "Type your name first"}
          </Action>
        </>
      }
    >
      <FieldLabel htmlFor="job-name">What is it called?</FieldLabel>
      <Field
        id="job-name"
        maxLength={200}
        autoComplete="off"
        {...register("name", { validate: (name) => name.trim() !== "" })}
        onKeyDown={(event) => event.key === "Enter" && void submit()}
      />
      <Box mt={3}>
        <PersonField person={person} onPerson={setPerson} />
      </Box>
      <Box mt={2} color="ink.soft" fontSize="15px">
        It is done by the house rules of this device, and keeps them.
      </Box>
      <Box role="alert" color="stop">
        {make.error?.message}
      </Box>
    </DialogFrame>
  );
}
