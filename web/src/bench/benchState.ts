import { useCallback, useEffect, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { api, named, type Conductor, type Landing, type Lead, type Schemas } from "../client";
import type { HouseRules } from "./houseRules";
import { recall, remember } from "../shared/remembered";

/** What is on the bench: a wire, where it goes, and what else is known of the end. */
export interface Pair {
  conductor: Conductor;
  landing: Landing;
  second?: Conductor | null;
  about?: AboutEnd;
}

export type AboutEnd = Pick<
  Schemas["BenchRequest"],
  | "condition"
  | "crimpShape"
  | "ferruleLabelMm2"
  | "circuitAmps"
  | "entry"
  | "strippingTool"
  | "isolation"
  | "alike"
  | "byApprentice"
  | "feedsReceptacles"
>;

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

/** Puts a pair on the bench from another place. */
export const layOnBench = (pair: Pair) => remember("pair", pair);

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

const drives = {
  "hex-socket": "socket",
  slotted: "slotted",
  hex: "hex",
  "split-bolt": "split-bolt",
} as const;
const upTo = (name: string, mm2: number | null | undefined) => (mm2 ? `${name} to ${mm2}\u202fmm²` : name);

/** What a landing is called in a chip. */
export function sayLanding(landing: Landing): string {
  switch (landing.kind) {
    case "binding-screw":
      return `${landing.screw ?? "#8"} screw`;
    case "screw-clamp-block":
      return upTo("Block", landing.mostMm2 ?? 4);
    case "back-wire-clamp":
      return "Back-wire clamp";
    case "back-stab":
      return "Back-stab hole";
    case "spring-cage-block":
      return upTo("Cage", landing.mostMm2);
    case "push-in-block":
      return upTo("Push-in", landing.mostMm2);
    case "deep-push-in":
      return "Deep push-in";
    case "lever":
      return "Lever clamp";
    case "insulation-displacement":
      return "Contacts, uncut";
    case "stud":
      return `M${landing.studDiameterMm ?? 4} ${landing.termination ?? "ring"}`;
    case "set-screw-lug":
      return `Lug, ${drives[landing.drive ?? "hex-socket"]}`;
    case "crimped-lug":
      return "Crimped lug";
    case "plug-screw":
      return `Plug, ${landing.grip ?? "hook"}`;
    case "solder-lug":
      return "Solder lug";
  }
}

const builds = { solid: "solid", stranded: "stranded", "fine-stranded": "fine" } as const;

/** What a wire is called in a chip. */
export const sayWire = (wire: Conductor) =>
  `${wire.size.replace(" ", "\u202f")} ${builds[wire.build]}${wire.material === "aluminium" ? " al" : ""}`;
