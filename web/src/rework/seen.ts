import type { Schemas } from "../client";

type Fault = Schemas["Fault"];

/** What somebody sees at an end. */
export interface Seen {
  faults: Fault[];
  strands: string;
  damaged: string;
}

export const nothingSeen: Seen = { faults: [], strands: "", damaged: "" };

export const count = (text: string) => (/^\d{1,4}$/.test(text.trim()) ? Number(text) : null);

/** What was seen before; what was lost is counted, and so not ticked. */
export const seenAs = (found: Schemas["FaultsFound"] | null): Seen => ({
  faults: found?.faults?.filter((fault) => fault !== "strands-cut") ?? [],
  strands: String(found?.strands ?? ""),
  damaged: found?.damaged ? String(found.damaged) : "",
});

/** What was seen, as the interface takes it; null where nothing was. */
export function toFound({ faults: found, strands, damaged }: Seen): Schemas["FaultsFound"] | null {
  const lost = count(damaged) ?? 0;
  return found.length + lost === 0 ? null : { faults: found, strands: count(strands), damaged: lost };
}
