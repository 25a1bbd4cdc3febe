import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { jobApi } from "../jobs/jobApi";
import { indexOf, shared, type Board } from "./boardModel";

export const boardKey = (job: string, enclosure: string) => ["job", job, "board", enclosure];

/** An enclosure’s board, by what it is asked for; null until it is read. */
export function useBoard(job: string, enclosure: string) {
  const { data, error } = useQuery({
    queryKey: boardKey(job, enclosure),
    queryFn: async () => (await jobApi.board(job, enclosure)) as Board,
    placeholderData: keepPreviousData,
    structuralSharing: shared,
  });
  const index = useMemo(() => (data ? indexOf(data) : null), [data]);
  return { index, error };
}
