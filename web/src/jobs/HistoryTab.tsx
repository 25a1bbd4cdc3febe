import { Box, chakra, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { jobApi } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { Button, Panel } from "../ui";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

/** What was changed, by whom; any change that nothing came after can be undone. */
export function HistoryTab({ job }: { job: string }) {
  const { send } = useChanges();
  const pages = useInfiniteQuery({
    queryKey: ["job", job, "history"],
    queryFn: ({ pageParam }) => jobApi.history(job, pageParam ?? undefined),
    initialPageParam: null as number | null,
    getNextPageParam: (page) => page.next,
  });
  return (
    <>
      <Box as="ol" listStyleType="none" aria-label="Changes">
        {pages.data?.pages
          .flatMap((page) => page.items)
          .map((command) => (
            <Panel as="li" key={command.id} mb={2}>
              <Flex justifyContent="space-between" gap={3} alignItems="center" flexWrap="wrap">
                <Box>
                  <chakra.span fontFamily="numerals">{command.sequence}</chakra.span> · {command.says}
                  <Box textStyle="note" color="ink.soft">
                    {command.person} · {when.format(new Date(command.at))} ·{" "}
                    {command.parts === 1 ? "one part" : `${command.parts} parts`}
                    {command.undone && " · undone"}
                  </Box>
                </Box>
                {!command.undone && command.sequence > 1 && (
                  <Button
                    variant="plain"
                    aria-label={`Undo change ${command.sequence}`}
                    onClick={() => void send((_, person) => jobApi.undo(job, command.id, person))}
                  >
                    Undo
                  </Button>
                )}
              </Flex>
            </Panel>
          ))}
      </Box>
      {pages.hasNextPage && <Button onClick={() => void pages.fetchNextPage()}>Older changes</Button>}
    </>
  );
}
