import { useInfiniteQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { jobApi } from "./jobApi";

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
  return {
    wires: query.data?.pages.flatMap((page) => page.items) ?? [],
    total: query.data?.pages[0]?.total ?? 0,
    loading: !query.data,
    error: query.error,
  };
}
