import { useMutation } from "@tanstack/react-query";
import { Controller, useForm } from "react-hook-form";
import { Refusal, type Schemas } from "../client";
import { Button, Form, Checkbox, Dialog, ErrorMessage, Select, TextField } from "../ui";
import { CodeText } from "./CodeShown";
import { EraseName } from "./EraseName";
import { roleNames, sessionApi, type Role } from "./session";

const roles = Object.entries(roleNames) as [Role, string][];

/** Somebody who is to work here, or what they are from now on. */
export function PersonForm({
  person,
  onClose,
  onDone,
}: {
  person: Schemas["PersonDocument"] | null;
  onClose: () => void;
  /** It is stored. */
  onDone: () => void;
}) {
  const { control, handleSubmit, register } = useForm({
    defaultValues: {
      name: person?.name ?? "",
      role: person?.role ?? ("electrician" as Role),
      qualification: person?.qualification ?? "",
      qualifiedUntil: person?.qualifiedUntil ?? "",
      closed: person?.closed ?? false,
    },
  });
  const save = useMutation({
    mutationFn: async ({ name, closed, qualifiedUntil, ...typed }: Typed) => {
      const account = { ...typed, qualifiedUntil: qualifiedUntil || null };
      if (!person) return sessionApi.add({ name, ...account });
      await sessionApi.change(person.id, { ...account, closed });
      return null;
    },
    onSuccess: (given) => {
      onDone();
      if (!given) onClose();
    },
  });
  const given = save.data;
  const field = save.error instanceof Refusal ? save.error.field : undefined;
  return (
    <Dialog
      title={given ? `Code for ${given.person.name}` : person ? `Edit ${person.name}` : "Add somebody"}
      open
      size="sm"
      onClose={onClose}
      startsAt={person ? undefined : "person-name"}
      footer={
        given ? (
          <Button variant="solid" onClick={onClose}>
            Done
          </Button>
        ) : (
          <>
            <Button onClick={onClose}>Cancel</Button>
            <Button variant="solid" type="submit" form="person" disabled={save.isPending}>
              Save
            </Button>
          </>
        )
      }
    >
      {/* In the same dialog: another one would open under this one as it goes. */}
      {given ? (
        <CodeText given={given} />
      ) : (
        <Form id="person" onSubmit={() => void handleSubmit((typed) => save.mutate(typed))()}>
          {!person && (
            <TextField
              id="person-name"
              label="Name"
              maxLength={80}
              error={field === "name" ? save.error?.message : undefined}
              {...register("name", { required: true })}
            />
          )}
          <Controller
            control={control}
            name="role"
            render={({ field: { value, onChange } }) => (
              <Select label="Works as" value={value} options={roles} onChange={onChange} />
            )}
          />
          <TextField label="Qualification" maxLength={200} {...register("qualification")} />
          <TextField
            label="Qualified until"
            type="date"
            hint="Empty where it does not end."
            {...register("qualifiedUntil")}
          />
          {person && (
            <Controller
              control={control}
              name="closed"
              render={({ field: { value, onChange } }) => (
                <Checkbox checked={value} onChange={onChange}>
                  Works here no more
                </Checkbox>
              )}
            />
          )}
          {person && <EraseName person={person} onErased={onDone} onClose={onClose} />}
          <ErrorMessage of={field === "name" ? null : save.error} />
        </Form>
      )}
    </Dialog>
  );
}

interface Typed {
  name: string;
  role: Role;
  qualification: string;
  qualifiedUntil: string;
  closed: boolean;
}
