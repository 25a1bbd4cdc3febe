import { chakra, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { BookOpenCheck } from "lucide-react";
import { api, type Schemas } from "../client";
import { useEventRecording } from "../recording/useEventRecording";
import { useUnits } from "../shared/Units";
import { WindowPlot } from "../shown/plots";
import type { Placed } from "../shown/plots/WindowPlot";
import { LogEntry } from "./LogEntry";
import { SealPanel } from "./SealPanel";
import { Button, ButtonLink, Disclosure, EmptyState, ErrorMessage, Loading } from "../ui";

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
  const placed = items.flatMap(placeOf);
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <chakra.h1 srOnly>Log</chakra.h1>
      <SealPanel />
      {(pages.error ?? recording.error) && <ErrorMessage of={pages.error ?? recording.error} />}
      {pages.isSuccess && items.length === 0 && (
        <EmptyState
          icon={<BookOpenCheck />}
          title="Nothing is recorded yet"
          action={<ButtonLink to="/bench">Go to the Bench</ButtonLink>}
        >
          Every Done on the Bench, and all that is done along a job, comes here.
        </EmptyState>
      )}
      {placed.length > 2 && (
        <Disclosure label="Where readings lie in their windows">
          <WindowPlot placed={placed} />
        </Disclosure>
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
          Older events
        </Button>
      )}
      {pages.isPending && <Loading what="Reading the log…" height="110px" />}
    </Flex>
  );
}

/** Where the torque of an event lies in its window; nothing where none was read. */
function placeOf(item: Schemas["RecordItem"]): Placed[] {
  const made = item.termination;
  const [window, read] = [made?.recipe.torque, made?.tightening.torque];
  const room = window ? window.most.value - window.least.value : 0;
  return window && read && room > 0
    ? [{ event: item.sequence, place: ((read.value - window.least.value) / room) * 100 }]
    : [];
}
