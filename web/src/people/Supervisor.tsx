import { Box } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Select } from "../ui";
import { sessionApi, useSession } from "./session";

/** Who looks after an apprentice today. Until somebody does, nothing is recorded. */
export function Supervisor() {
  const { session, keep } = useSession();
  const people = useQuery({ queryKey: ["people"], queryFn: sessionApi.people });
  const queries = useQueryClient();
  const supervise = useMutation({
    mutationFn: sessionApi.supervise,
    onSuccess: (session) => {
      keep(session);
      // What is read from now on is read as an apprentice reads it.
      return queries.invalidateQueries();
    },
  });
  const able = people.data?.filter(({ maySupervise }) => maySupervise) ?? [];
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
