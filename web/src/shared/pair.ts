import type { Conductor, Landing, Schemas } from "../client";
import { remember } from "./remembered";

/** What is on the bench: a wire, where it goes, and what else is known of the end. */
export interface Pair {
  conductor: Conductor;
  landing: Landing;
  second?: Conductor | null;
  /** Its insulation's colour, where somebody said it: it changes the drawing and nothing else. */
  colour?: Schemas["InsulationColourDocument"] | null;
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

/** Puts a pair on the bench from another place. */
export const layOnBench = (pair: Pair) => remember("pair", pair);

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
  `${wire.size.replace(" ", "\u202f")} ${builds[wire.build]}${wire.material === "aluminium" ? " al" : ""}${wire.designation ? ` ${wire.designation}` : ""}`;
