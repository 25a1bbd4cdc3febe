import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { mayComeBack, type Schemas } from "../client";
import { stamp } from "../shared/stamp";
import { deadApi, deadKey, type Deed } from "./deadApi";

/** How an enclosure stands; and what somebody does about it. */
export function useDead(job: string, enclosure: string) {
  const queries = useQueryClient();
  const queryKey = deadKey(job, enclosure);
  const { data, error } = useQuery({ queryKey, queryFn: () => deadApi.of(job, enclosure) });
  // Made once, so that trying again after a failure sends the very same and it is stored once.
  const [unsent, setUnsent] = useState<Schemas["NewDeadRecord"] | null>(null);
  const store = useMutation({
    mutationFn: (record: Schemas["NewDeadRecord"]) => deadApi.record(job, enclosure, record),
    onMutate: setUnsent,
    onSuccess: (now) => {
      setUnsent(null);
      queries.setQueryData(queryKey, now);
      void queries.invalidateQueries({ queryKey: ["records"] });
    },
  });
  const attempt = (record: Schemas["NewDeadRecord"]) =>
    store.mutateAsync(record).then(
      () => true,
      () => false,
    );
  /** False where it was refused: then the refusal is the error. */
  const send = (deed: Deed) => attempt({ ...stamp(), deed });
  return {
    dead: data,
    error,
    send,
    refused: store.error,
    again: unsent && mayComeBack(store.error) ? () => attempt(unsent) : null,
    busy: store.isPending,
    /** Which deed is under way, or was refused. */
    last: store.variables?.deed.kind,
  };
}

export type Doing = ReturnType<typeof useDead>;
