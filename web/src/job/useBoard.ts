import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo } from "react";
import { jobApi } from "./jobApi";
import { answered, indexOf, type Board, type BoardAnswer } from "../drawing/devices/boardModel";

/** An enclosure’s board, by what it is asked for; null until it is read. Once read, only its changes are. */
export function useBoard(job: string, enclosure: string) {
  const queries = useQueryClient();
  const queryKey = ["job", job, "board", enclosure];
  const { data, error } = useQuery({
    queryKey,
    queryFn: async () => {
      const before = queries.getQueryData<Board>(queryKey);
      return answered(before, (await jobApi.board(job, enclosure, before?.mark)) as BoardAnswer);
    },
    enabled: enclosure !== "",
    placeholderData: keepPreviousData,
    structuralSharing: false,
  });
  const index = useMemo(() => (data ? indexOf(data) : null), [data]);
  return { index, error };
}
