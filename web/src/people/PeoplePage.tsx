import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { UserRoundPlus } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../client";
import { Button, ErrorMessage, Loading, Panel } from "../ui";
import { CodeShown } from "./CodeShown";
import { PersonForm } from "./PersonForm";
import { roleNames, sessionApi, useSession } from "./session";
import { TabletList } from "./TabletList";
import { ToolList } from "./ToolList";
import { TypedNames } from "./TypedNames";

type Somebody = Schemas["PersonDocument"];

/** Who works here, and as what. A lead adds people, changes what they are, and gives codes. */
export function PeoplePage() {
  const { may } = useSession();
  const queries = useQueryClient();
  const people = useQuery({ queryKey: ["people"], queryFn: sessionApi.people });
  const [given, setGiven] = useState<Schemas["CodeGiven"] | null>(null);
  const [editing, setEditing] = useState<Somebody | "new" | null>(null);
  const refresh = () => queries.invalidateQueries({ queryKey: ["people"] });
  const reset = useMutation({
    mutationFn: sessionApi.reset,
    onSuccess: (code) => {
      setGiven(code);
      return refresh();
    },
  });
  const leads = may("manage-people");
  return (
    <Flex direction="column" gap={3} maxW="900px">
      <Flex gap={3} alignItems="center" flexWrap="wrap">
        <chakra.h1 textStyle="title" flex={1}>
          Who works here
        </chakra.h1>
        {leads && (
          <Button variant="solid" onClick={() => setEditing("new")}>
            <UserRoundPlus aria-hidden />
            Add somebody
          </Button>
        )}
      </Flex>
      <ErrorMessage of={people.error ?? reset.error} />
      {people.isPending && <Loading what="Reading who works here…" lines={3} />}
      <Grid as="ul" listStyleType="none" gap={2} aria-label="People">
        {people.data?.map((person) => (
          <Panel as="li" key={person.id} opacity={person.closed ? 0.7 : 1}>
            <Flex gap={3} alignItems="center" flexWrap="wrap">
              <Box flex="1 1 220px" minW={0}>
                <strong>{person.name}</strong>
                <Box>
                  {roleNames[person.role]}
                  {person.qualification && `, ${person.qualification}`}
                </Box>
                <Standing person={person} />
              </Box>
              {leads && !person.isErased && (
                <Flex gap={2}>
                  <Button onClick={() => setEditing(person)} aria-label={`Edit ${person.name}`}>
                    Edit
                  </Button>
                  {!person.closed && (
                    <Button
                      onClick={() => reset.mutate(person.id)}
                      disabled={reset.isPending}
                      aria-label={`Reset the password of ${person.name}`}
                    >
                      Reset password
                    </Button>
                  )}
                </Flex>
              )}
            </Flex>
          </Panel>
        ))}
      </Grid>
      {leads && <TypedNames people={people.data ?? []} />}
      {may("pair") && (
        <>
          <TabletList />
          <ToolList />
        </>
      )}
      {editing && (
        <PersonForm
          person={editing === "new" ? null : editing}
          onClose={() => setEditing(null)}
          onDone={() => void refresh()}
        />
      )}
      {given && <CodeShown given={given} onClose={() => setGiven(null)} />}
    </Flex>
  );
}

/** What keeps somebody from working, where anything does. */
function Standing({ person }: { person: Somebody }) {
  const says = person.closed
    ? "Works here no more"
    : !person.isQualified
      ? `Qualification ended ${person.qualifiedUntil ?? ""}`
      : person.hasCode
        ? "Has a code, and has not used it yet"
        : !person.hasPassword
          ? "Cannot sign in: the code was not used in time"
          : person.qualifiedUntil
            ? `Qualified until ${person.qualifiedUntil}`
            : null;
  return (
    says && (
      <Box color={person.isQualified ? "ink.soft" : "stop"} textStyle="dense">
        {says}
      </Box>
    )
  );
}
