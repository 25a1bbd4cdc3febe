import { useInfiniteQuery } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import { jobApi } from "../job/jobApi";

const pageSize = 1000;

/** All wires of a job that answer to a search, page after page. */
export function useWires(job: string, q: string, enclosure: string, circuit: string) {
  const query = useInfiniteQuery({
    queryKey: ["job", job, "wires", q, enclosure, circuit],
    queryFn: ({ pageParam }) =>
      jobApi.wires(job, {
        q,
        ...(enclosure ? { enclosure } : {}),
        ...(circuit ? { circuit } : {}),
        offset: pageParam,
        limit: pageSize,
      }),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next,
    placeholderData: (before) => before,
  });
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = query;
  useEffect(() => {
    if (hasNextPage && !isFetchingNextPage) void fetchNextPage();
  }, [hasNextPage, isFetchingNextPage, fetchNextPage]);
  // The same list while nothing is read anew: whoever builds on it must not build again and again.
  const wires = useMemo(() => query.data?.pages.flatMap((page) => page.items) ?? [], [query.data]);
  return {
    wires,
    total: query.data?.pages[0]?.total ?? 0,
    loading: !query.data,
    error: query.error,
  };
}
