import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { useNavigate } from "react-router";
import type { HouseRules } from "../house/houseRules";
import { Button, Dialog, TextField } from "../ui";
import { jobApi } from "../job/jobApi";

/** A new job, with the house rules of whoever makes it. */
export function NewJobDialog({
  purpose,
  rules,
  onClose,
}: {
  purpose: "work" | "survey";
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
  const [id] = useState(() => crypto.randomUUID());
  const make = useMutation({
    mutationFn: (name: string) => jobApi.make({ id, name, purpose, houseRules: rules }),
    onSuccess: () => navigate(`/jobs/${id}${purpose === "survey" ? "/survey" : "/wires"}`),
  });
  const submit = handleSubmit(({ name }) => make.mutate(name));
  return (
    <Dialog
      title={purpose === "survey" ? "New survey" : "New job"}
      open
      size="sm"
      onClose={onClose}
      startsAt="job-name"
      footer={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            variant="solid"
            missing={!isValid && "Type a name."}
            disabled={make.isPending}
            onClick={() => void submit()}
          >
            Create
          </Button>
        </>
      }
    >
      <TextField
        id="job-name"
        label="Name"
        error={make.error?.message}
        maxLength={200}
        {...register("name", { validate: (name) => name.trim() !== "" })}
        onKeyDown={(event) => event.key === "Enter" && void submit()}
      />
      <Box mt={2} color="ink.soft" textStyle="dense">
        It is done by the house rules of this device, and keeps them.
      </Box>
    </Dialog>
  );
}
