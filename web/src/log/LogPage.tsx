import { Box, chakra, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { api } from "../client";
import { useEventRecording } from "../recording/useEventRecording";
import { useUnits } from "../shared/Units";
import { LogEntry } from "./LogEntry";
import { SealPanel } from "./SealPanel";
import { Button, Link, Panel } from "../ui";

/** Who did what, with what, and is it whole. Newest first. */
export function LogPage() {
  const { lead } = useUnits();
  const recording = useEventRecording();
  const pages = useInfiniteQuery({
    queryKey: ["records", lead],
    queryFn: ({ pageParam }) => api.records(pageParam, lead),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
  });
  const items = pages.data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <chakra.h1 srOnly>Log</chakra.h1>
      <SealPanel />
      {(pages.error ?? recording.error) && (
        <Box role="alert" color="stop">
          {(pages.error ?? recording.error)?.message}
        </Box>
      )}
      {pages.isSuccess && items.length === 0 && (
        <Panel>
          Nothing is recorded yet. Every Done on the Bench comes here.{" "}
          <Link to="/bench">Go to the Bench</Link>
        </Panel>
      )}
      <chakra.ol listStyleType="none" m={0} p={0} display="grid" gap={2} aria-label="Events, newest first">
        {items.map((item) => (
          <LogEntry key={item.id} item={item} onWithdraw={() => void recording.withdraw(item.id)} />
        ))}
      </chakra.ol>
      {pages.hasNextPage && (
        <Button
          onClick={() => void pages.fetchNextPage()}
          disabled={pages.isFetchingNextPage}
          alignSelf="center"
        >
          {pages.isFetchingNextPage ? "Reading…" : "Older events"}
        </Button>
      )}
      {pages.isPending && <Box>Reading the log…</Box>}
    </Flex>
  );
}
