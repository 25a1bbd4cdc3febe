import { useCallback, useEffect, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { api, named, type Lead, type Schemas } from "../client";
import type { HouseRules } from "../house/houseRules";
import type { Pair } from "../shared/pair";
import { recall, remember } from "../shared/remembered";

/** The question that a pair asks, under somebody's house rules. */
export const asked = (pair: Pair, houseRules: HouseRules, lead: Lead): Schemas["BenchRequest"] => ({
  conductors: pair.second ? [pair.conductor, pair.second] : [pair.conductor],
  landing: pair.landing,
  houseRules,
  ...pair.about,
  lead,
});

const mostRecent = 6;
// A pair counts as used once the hand has rested on it; passing over sizes leaves no trail.
const restsAfter = 2500;

const same = (a: Pair, b: Pair) => JSON.stringify(a) === JSON.stringify(b);

/** The pair on the bench, and the six used last; a device that remembers none begins with the usual ones. */
export function useBench() {
  const starters = useQuery({ queryKey: ["starters"], queryFn: api.starters, staleTime: Infinity });
  const [pair, setPair] = useState<Pair | null>(() => recall<Pair | null>("pair", null));
  const [recent, setRecent] = useState<Pair[]>(() => recall<Pair[]>("recent", []));
  const usual = (starters.data ?? []).map((s): Pair => ({ ...s, landing: named(s.landing) }));
  const current = pair ?? usual[0] ?? null;
  const filled = [...recent, ...usual.filter((s) => !recent.some((r) => same(r, s)))];

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
