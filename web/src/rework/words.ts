import type { Schemas } from "../client";

type Fault = Schemas["Fault"];
/** The schema has it as possibly null, since it is optional; here it never is. */
export type ParkReason = NonNullable<Schemas["ParkReason"]>;

/** Why an end is set aside, in words. */
export const parkReasons: Record<ParkReason, string> = {
  "waits-for-part": "waits for a part or a tool",
  "waits-for-other": "somebody else must do something first",
  "no-access": "cannot be reached",
  unclear: "the plan is not clear",
  "not-dead": "cannot be made dead now",
};

/** What can be wrong with an end, as one says it looking at it. */
export const faults: Record<Fault, string> = {
  nick: "Nicked",
  "strands-cut": "Strands lost",
  ring: "Ringed by the stripper",
  "opened-hook": "Hook was opened",
  "over-twist": "Twisted too far",
  "too-short": "Stripped too short",
  "too-long": "Stripped too long",
  "insulation-caught": "Insulation caught",
  "strand-out": "Strand stands out",
  "wrong-way": "Hook the wrong way",
  "double-stacked": "Two where one belongs",
  "bad-solder": "Solder dull, cracked, a ball",
  loose: "Loose",
  scorched: "Scorched",
};

/** What becomes of the end; the largest word there. */
export const verdicts: Record<Schemas["FaultVerdict"], { word: string; colour: string }> = {
  accept: { word: "It may stay", colour: "go" },
  "put-right": { word: "Put it right", colour: "caution" },
  "cut-back": { word: "Cut it back", colour: "stop" },
};
