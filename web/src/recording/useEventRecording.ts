import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../client";
import { recall, remember } from "../shared/remembered";
import { useUnits } from "../shared/Units";

/** This device's own name and count, which every event carries. */
function stamp() {
  const device = recall("device", `device-${crypto.randomUUID().slice(0, 8)}`);
  const deviceSequence = recall("deviceSequence", 0) + 1;
  remember("device", device);
  remember("deviceSequence", deviceSequence);
  return { device, deviceSequence, id: crypto.randomUUID(), claimedAt: new Date().toISOString() };
}

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
