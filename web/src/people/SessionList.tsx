import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, ErrorMessage, Loading } from "../ui";
import { sessionApi, useSession } from "./session";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

/** Where somebody is signed in; each can be ended, and all at once. */
export function SessionList({ person }: { person: string }) {
  const { keep } = useSession();
  const queries = useQueryClient();
  const key = ["sessions"];
  const sessions = useQuery({ queryKey: key, queryFn: sessionApi.list });
  const after = async () => {
    await queries.invalidateQueries({ queryKey: key });
    keep(await sessionApi.now());
  };
  const end = useMutation({ mutationFn: sessionApi.end, onSuccess: after });
  const endAll = useMutation({ mutationFn: sessionApi.endAll, onSuccess: after });
  const mine = sessions.data?.filter((session) => session.person === person) ?? [];
  return (
    <Flex direction="column" gap={3}>
      <ErrorMessage of={sessions.error ?? end.error ?? endAll.error} />
      {sessions.isPending && <Loading what="Reading where…" />}
      <chakra.ul listStyleType="none" aria-label="Sessions">
        {mine.map((session) => (
          <chakra.li key={session.id} display="flex" gap={2} alignItems="center" py={1}>
            <Box flex={1} minW={0}>
              <Box truncate>{browserOf(session.browser)}</Box>
              <Box color="ink.soft" textStyle="dense">
                {session.address}, last used {when.format(new Date(session.seenAt))}
              </Box>
            </Box>
            {session.isThis ? (
              <Box>this screen</Box>
            ) : (
              <Button
                size="sm"
                onClick={() => end.mutate(session.id)}
                aria-label={`Sign out on ${session.address}`}
              >
                Sign out
              </Button>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
      <Button
        alignSelf="start"
        disabled={mine.length === 0 || endAll.isPending}
        onClick={() => endAll.mutate(person)}
      >
        Sign out everywhere
      </Button>
    </Flex>
  );
}

/** The short of what a browser says it is. */
function browserOf(says: string) {
  const name = /(Firefox|Edg|Chrome|Safari)\//.exec(says)?.[1];
  const on = /(Android|iPhone|iPad|Windows|Mac OS X|Linux)/.exec(says)?.[1];
  return [name === "Edg" ? "Edge" : name, on].filter(Boolean).join(" on ") || "A program";
}
