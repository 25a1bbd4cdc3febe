import { useCallback, useEffect, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { api, type Conductor, type Landing } from "../client";
import { recall, remember } from "../shared/remembered";

export interface Pair {
  conductor: Conductor;
  landing: Landing;
}

const mostRecent = 6;
// A pair counts as used once the hand has rested on it; passing over sizes leaves no trail.
const restsAfter = 2500;

const same = (a: Pair, b: Pair) => JSON.stringify(a) === JSON.stringify(b);

/** The pair on the bench, and the six used last; a device that remembers none begins with the usual ones. */
export function useBench() {
  const starters = useQuery({ queryKey: ["starters"], queryFn: api.starters, staleTime: Infinity });
  const [pair, setPair] = useState<Pair | null>(() => recall<Pair | null>("pair", null));
  const [recent, setRecent] = useState<Pair[]>(() => recall<Pair[]>("recent", []));
  const current = pair ?? starters.data?.[0] ?? null;
  const filled = [...recent, ...(starters.data ?? []).filter((s) => !recent.some((r) => same(r, s)))];

  const keep = useCallback((used: Pair) => {
    setRecent((before) => {
      const next = [used, ...before.filter((p) => !same(p, used))].slice(0, mostRecent);
      remember("recent", next);
      return next;
    });
  }, []);

  const place = useCallback((next: Pair) => {
    setPair(next);
    remember("pair", next);
  }, []);

  useEffect(() => {
    if (!pair) return;
    const timer = setTimeout(() => keep(pair), restsAfter);
    return () => clearTimeout(timer);
  }, [pair, keep]);

  return { pair: current, place, keep, recent: filled.slice(0, mostRecent), failed: starters.error };
}

/** What a landing is called in a chip. */
export function sayLanding(landing: Landing): string {
  return landing.kind === "binding-screw"
    ? `${landing.screw ?? "#8"} screw`
    : `Block to ${landing.mostMm2 ?? 4}\u202fmm²`;
}

const builds = { solid: "solid", stranded: "stranded", "fine-stranded": "fine" } as const;

/** What a wire is called in a chip. */
export const sayWire = (wire: Conductor) =>
  `${wire.size.replace(" ", "\u202f")} ${builds[wire.build]}${wire.material === "aluminium" ? " al" : ""}`;
