import { Box, chakra, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { useState } from "react";
import { jobApi } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { Button, Disclosure, ErrorMessage, Loading, Panel } from "../ui";
import { ChangedParts } from "./ChangedParts";

const when = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

/** Who changed what, each with what it was and what it became; any change that nothing came after can be undone. */
export function HistoryTab({ job }: { job: string }) {
  const pages = useInfiniteQuery({
    queryKey: ["job", job, "history"],
    queryFn: ({ pageParam }) => jobApi.history(job, pageParam ?? undefined),
    initialPageParam: null as number | null,
    getNextPageParam: (page) => page.next,
  });
  type Command = NonNullable<typeof pages.data>["pages"][number]["items"][number];
  const commands: Command[] = pages.data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <>
      <ErrorMessage of={pages.error} />
      {pages.isPending && <Loading what="Reading the history…" height="64px" />}
      <Box as="ol" listStyleType="none" aria-label="Changes" maxW="1000px">
        {commands.map((command) => (
          <Panel as="li" key={command.id} mb={2} py={2} data-change={command.sequence}>
            <Entry job={job} command={command} />
          </Panel>
        ))}
      </Box>
      {pages.hasNextPage && <Button onClick={() => void pages.fetchNextPage()}>Older changes</Button>}
    </>
  );
}

function Entry({
  job,
  command,
}: {
  job: string;
  command: Awaited<ReturnType<typeof jobApi.history>>["items"][number];
}) {
  const { send } = useChanges();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Flex justifyContent="space-between" gap={3} alignItems="center" flexWrap="wrap">
        <Box textDecoration={command.undone ? "line-through" : undefined}>
          <chakra.span fontFamily="numerals">{command.sequence}</chakra.span> · {command.says}
        </Box>
        {!command.undone && command.sequence > 1 && (
          <Button
            variant="plain"
            aria-label={`Undo change ${command.sequence}`}
            onClick={() => void send(() => jobApi.undo(job, command.id))}
          >
            Undo
          </Button>
        )}
      </Flex>
      <Box textStyle="note" color="ink.soft">
        <strong>{command.person}</strong> · {when.format(new Date(command.at))}
        {command.undone && " · undone"}
      </Box>
      <Disclosure
        label={command.parts === 1 ? "What changed" : `What changed, ${command.parts} parts`}
        open={open}
        onOpenChange={setOpen}
      >
        {open && <ChangedParts job={job} command={command.id} />}
      </Disclosure>
    </>
  );
}
