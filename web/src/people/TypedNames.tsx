import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../client";
import { stamp } from "../shared/stamp";
import { Button, ErrorMessage, Panel, Select } from "../ui";
import { sessionApi } from "./session";

type Somebody = Schemas["PersonDocument"];

/** Names that were only typed before there were accounts: a lead says whose they are. Nothing where there are none. */
export function TypedNames({ people }: { people: Somebody[] }) {
  const typed = useQuery({ queryKey: ["people", "typed"], queryFn: sessionApi.typedNames });
  if (!typed.data?.length) return <ErrorMessage of={typed.error} />;
  return (
    <Flex as="section" direction="column" gap={2} aria-label="Names from before accounts">
      <chakra.h2 textStyle="title" mt={4}>
        Names from before accounts
      </chakra.h2>
      <Box color="ink.soft">
        What was done under them stays, as not proved. Say whose they are: it is an event of its own, taken
        back in the Log.
      </Box>
      {typed.data.map((name) => (
        <TypedName key={name.id} name={name} people={people} />
      ))}
    </Flex>
  );
}

function TypedName({ name, people }: { name: Schemas["TypedNameRow"]; people: Somebody[] }) {
  const queries = useQueryClient();
  const [whose, setWhose] = useState(name.person ?? "");
  const join = useMutation({
    mutationFn: () => sessionApi.joinName(name.id, { ...stamp(), personId: whose }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["people"] });
      void queries.invalidateQueries({ queryKey: ["records"] });
    },
  });
  return (
    <Panel>
      <Flex gap={3} alignItems="end" flexWrap="wrap">
        <Box flex="1 1 180px" minW={0} pb={3}>
          <strong>{name.name}</strong>
        </Box>
        <Box flex="1 1 200px">
          <Select
            label={`Who is ${name.name}?`}
            value={whose}
            onChange={setWhose}
            options={[["", "Nobody said"], ...people.map(({ id, name }): [string, string] => [id, name])]}
          />
        </Box>
        <Button
          onClick={() => join.mutate()}
          disabled={join.isPending || !whose || whose === name.person}
          aria-label={`Join ${name.name} to that person`}
        >
          Join
        </Button>
      </Flex>
      <ErrorMessage of={join.error} />
    </Panel>
  );
}
