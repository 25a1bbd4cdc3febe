import { useMemo, useState } from "react";
import { useRemembered } from "../shared/remembered";
import type { Dead, Pair } from "./deadApi";

export type With = "two-pole-tester" | "multimeter" | "stand-in";

interface Draft {
  /** When the first of it was written, so that nobody goes on with yesterday’s. */
  began: number;
  before: boolean;
  after: boolean;
  /** V by pair; null where a tester showed nothing at all. */
  readings: Record<string, number | null>;
}

const nothing: Draft = { began: 0, before: false, after: false, readings: {} };
const minute = 60_000;

export const keyOf = ({ from, to }: Pair) => `${from}/${to ?? ""}`;

/** What is measured so far: it outlives a reload, and not the job’s pause. */
export function useProof(dead: Dead) {
  const { enclosureId } = dead.told;
  const [kept, keep] = useRemembered<Draft>(`proof-${enclosureId}`, nothing);
  const [how, setHow] = useRemembered("proof-with", {
    with: "two-pole-tester" as With,
    name: "",
    provedOn: "",
  });
  const isStale = (one: Draft) => one.began < Date.now() - dead.pauseMinutes * minute;
  const [wasStale] = useState(() => isStale(kept));
  const [isBegun, begin] = useState(false);
  const draft = wasStale && !isBegun ? nothing : kept;
  const change = (next: Partial<Draft>) => {
    begin(true);
    keep({ ...draft, began: draft.began || Date.now(), ...next });
  };
  const next = dead.pairs.find((pair) => !(keyOf(pair) in draft.readings)) ?? null;
  const isLive = (volts: number | null | undefined) =>
    volts !== null && volts !== undefined && Math.abs(volts) > dead.mostVolts;
  const done = useMemo(
    () =>
      new Set(
        dead.points
          .map(({ landingId }) => landingId)
          .filter((id) =>
            dead.pairs.every((pair) => (pair.from !== id && pair.to !== id) || keyOf(pair) in draft.readings),
          ),
      ),
    [dead.pairs, dead.points, draft.readings],
  );
  return {
    how,
    setHow,
    draft,
    change,
    read: (pair: Pair, volts: number | null) =>
      change({ readings: { ...draft.readings, [keyOf(pair)]: volts } }),
    forget: (pair: Pair) => {
      const readings = Object.entries(draft.readings).filter(([key]) => key !== keyOf(pair));
      change({ readings: Object.fromEntries(readings) });
    },
    clear: () => keep(nothing),
    /** Whether it was begun so long ago that it proves nothing any more. */
    isStale: () => isStale(draft),
    next,
    done,
    isLive,
    live: dead.pairs.find((pair) => isLive(draft.readings[keyOf(pair)])) ?? null,
  };
}

export type Proving = ReturnType<typeof useProof>;
