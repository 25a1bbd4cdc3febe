import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../client";
import { useUnits } from "../shared/Units";
import { stamp } from "../shared/stamp";

type Event = Omit<Schemas["NewRecord"], "id" | "device" | "deviceSequence" | "claimedAt">;

/**
 * Sends events of whoever is here. Each is made once, so trying again after a failure sends the very same one and it is
 * stored once.
 */
export function useEventRecording() {
  const { lead } = useUnits();
  const queries = useQueryClient();
  const [unsent, setUnsent] = useState<Schemas["NewRecord"] | null>(null);
  const store = useMutation({
    mutationFn: (event: Schemas["NewRecord"]) => api.record(event, lead),
    onMutate: setUnsent,
    onSuccess: () => {
      setUnsent(null);
      void queries.invalidateQueries({ queryKey: ["records"] });
      void queries.invalidateQueries({ queryKey: ["seal"] });
    },
  });
  /** Null where it was refused: then the refusal is the error. */
  const attempt = (event: Schemas["NewRecord"]) => store.mutateAsync(event).catch(() => null);
  const send = (event: Event) => attempt({ ...stamp(), ...event });
  return {
    send,
    withdraw: (id: string) => send({ kind: "withdrawal", corrects: id }),
    again: unsent && store.isError ? () => attempt(unsent) : null,
    error: store.error,
    busy: store.isPending,
    done: store.isSuccess,
    reset: store.reset,
  };
}
