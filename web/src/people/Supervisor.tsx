import { Box } from "@chakra-ui/react";
import { useMutation, useQuery } from "@tanstack/react-query";
import { Select } from "../ui";
import { sessionApi, useSession } from "./session";

/** Who looks after an apprentice today. Until somebody does, nothing is recorded. */
export function Supervisor() {
  const { session, keep } = useSession();
  const people = useQuery({ queryKey: ["people"], queryFn: sessionApi.people });
  const supervise = useMutation({ mutationFn: sessionApi.supervise, onSuccess: keep });
  const able = (people.data ?? []).filter(
    ({ role, closed, isQualified }) => !closed && isQualified && (role === "lead" || role === "electrician"),
  );
  return (
    <Box>
      <Select
        label="Who supervises you today?"
        value={session?.supervisor?.id ?? ""}
        options={[["", "Choose"], ...able.map(({ id, name }): [string, string] => [id, name])]}
        onChange={(id) => id && supervise.mutate(id)}
      />
      {supervise.error && <Box color="stop">{supervise.error.message}</Box>}
      {!session?.supervisor && (
        <Box color="ink.soft" textStyle="dense">
          An apprentice records under somebody’s supervision, and another checks it.
        </Box>
      )}
    </Box>
  );
}
