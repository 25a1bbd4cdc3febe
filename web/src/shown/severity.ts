import { Info, OctagonX, Wrench, type LucideIcon } from "lucide-react";
import type { Schemas } from "../client";

type Severity = Schemas["Severity"];

/** How bad a finding is: a shape and a word as well as a colour. */
export const severities: Record<
  Severity,
  { word: string; many: string; icon: LucideIcon; colour: string; wash: string; means: string }
> = {
  stop: {
    word: "Stop",
    many: "stops",
    icon: OctagonX,
    colour: "stop",
    wash: "stop.wash",
    means: "must not be energised",
  },
  fix: {
    word: "Fix",
    many: "fixes",
    icon: Wrench,
    colour: "caution",
    wash: "caution.wash",
    means: "put it right",
  },
  note: { word: "Note", many: "notes", icon: Info, colour: "ink.soft", wash: "paper.sunk", means: "know it" },
};

/** A check's id as a heading: "ferrule-wrong-size" → "Ferrule wrong size". */
export const sayCheck = (check: string) =>
  check.charAt(0).toUpperCase() +
  check
    .slice(1)
    .replace("line-load", "LINE and LOAD")
    .replaceAll("-", " ")
    .replace(/(\d) a$/, "$1 A");
