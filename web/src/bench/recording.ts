import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../client";
import { recall, remember } from "../shared/remembered";
import { useUnits } from "../shared/Units";
import type { Pair } from "./benchState";
import type { HouseRules } from "./houseRules";

export type Person = Schemas["Person"];
export type NewTightening = Schemas["NewTightening"];

/** This device's own name and count, which every event carries. */
function stamp() {
  const device = recall("device", `device-${crypto.randomUUID().slice(0, 8)}`);
  const deviceSequence = recall("deviceSequence", 0) + 1;
  remember("device", device);
  remember("deviceSequence", deviceSequence);
  return { device, deviceSequence, id: crypto.randomUUID(), claimedAt: new Date().toISOString() };
}

/**
 * Sends events. Each is made once, so trying again after a failure sends the very same one and it is
 * stored once.
 */
export function useEventRecording() {
  const { lead } = useUnits();
  const queries = useQueryClient();
  const [unsent, setUnsent] = useState<Schemas["NewRecord"] | null>(null);
  const send = useMutation({
    mutationFn: (event: Schemas["NewRecord"]) => api.record(event, lead),
    onMutate: setUnsent,
    onSuccess: () => {
      setUnsent(null);
      void queries.invalidateQueries({ queryKey: ["records"] });
      void queries.invalidateQueries({ queryKey: ["seal"] });
    },
  });
  return {
    send: (event: Omit<Schemas["NewRecord"], "id" | "device" | "deviceSequence" | "claimedAt">) =>
      send.mutateAsync({ ...stamp(), ...event }),
    withdraw: (id: string, person: Person) =>
      send.mutateAsync({ ...stamp(), kind: "withdrawal", personId: person.id, corrects: id }),
    again: unsent && send.isError ? () => send.mutateAsync(unsent) : null,
    error: send.error,
    busy: send.isPending,
    done: send.isSuccess,
    reset: send.reset,
  };
}

/** Records what was done at the Bench. */
export function useRecording() {
  const events = useEventRecording();
  return {
    ...events,
    done: (
      { conductor, landing, second, about }: Pair,
      houseRules: HouseRules,
      person: Person,
      measuredStripMm: number | null,
      tightening: NewTightening,
    ) =>
      events.send({
        kind: "termination",
        personId: person.id,
        conductor,
        landing,
        second: second ?? null,
        ferruleLabelMm2: about?.ferruleLabelMm2 ?? null,
        houseRules,
        measuredStripMm,
        tightening,
      }),
  };
}
