import type { Schemas } from "../client";
import { currents, deviceTypes } from "../shared/deviceTypes";
import type { ShelfKind } from "./ShelfPage";

/** A field of an item's form: where its value lies, what it is called, and what it takes. */
export interface ItemField {
  path: string;
  label: string;
  form: "text" | "number" | "numbers" | "date" | "flag" | "inside" | string[];
}

const sizes: ItemField[] = [
  { path: "leastMm2", label: "Least, mm²", form: "number" },
  { path: "mostMm2", label: "Most, mm²", form: "number" },
];

/** What can be told of an item of each kind; landings are set up at the Bench. */
export const itemFields: Record<Exclude<ShelfKind, "landing">, ItemField[]> = {
  conductor: [
    { path: "conductor.size", label: "Size", form: "text" },
    { path: "conductor.build", label: "Build", form: ["solid", "stranded", "fine-stranded"] },
    { path: "conductor.material", label: "Metal", form: ["copper", "aluminium"] },
    { path: "conductor.insulationOuterDiameterMm", label: "Insulation over all, mm", form: "number" },
    { path: "colour", label: "Colour", form: "text" },
  ],
  ferrules: [
    { path: "sizesMm2", label: "Sizes, mm², with spaces between", form: "numbers" },
    { path: "series", label: "Colour series", form: ["din46228", "french", "other"] },
    { path: "piecesOfEach", label: "Pieces of each", form: "number" },
  ],
  connector: [
    { path: "leastCount", label: "Fewest conductors", form: "number" },
    { path: "mostCount", label: "Most conductors", form: "number" },
    ...sizes,
    { path: "stripMm", label: "Strip, mm", form: "number" },
    { path: "sealed", label: "Sealed, for wet places", form: "flag" },
    {
      path: "type",
      label: "What holds",
      form: ["lever", "twist-on", "push-in", "crimp-sleeve-tube", "sealed-twist-on"],
    },
    { path: "bothMetals", label: "For copper with aluminium", form: "flag" },
  ],
  device: [
    { path: "type", label: "What it is", form: Object.keys(deviceTypes) },
    { path: "ratedVolts", label: "Made for, V", form: "number" },
    { path: "ratedCurrent", label: "Of what current", form: Object.keys(currents) },
    { path: "givesVolts", label: "Gives, V", form: "number" },
    { path: "inside", label: "Between its terminals", form: "inside" },
  ],
  tool: [
    { path: "tool", label: "What it is for", form: ["torque-driver", "crimper", "stripper"] },
    { path: "scaleNm", label: "End of the scale, N·m", form: "number" },
    { path: "calibratedOn", label: "Calibrated on", form: "date" },
    { path: "cyclesSinceCalibration", label: "Cycles since", form: "number" },
    ...sizes,
    {
      path: "crimpShape",
      label: "Shape of its crimp",
      form: ["", "square", "trapezoid", "hexagonal", "alternating-flats"],
    },
  ],
};

/** What a word of the Shelf is called on the screen. */
export const wordOf = (word: string): string =>
  (({ ...deviceTypes, ...currents }) as Record<string, string>)[word] ?? (word || "not said");

type Json = Record<string, unknown>;

/** An item made of what was typed; what is empty is left out, and the server says what is missing. */
export const itemOf = (kind: ShelfKind, typed: Json): Schemas["ShelfItemDocument"] =>
  ({ kind, ...withoutEmpty(typed) }) as unknown as Schemas["ShelfItemDocument"];

const withoutEmpty = (typed: Json): Json =>
  Object.fromEntries(
    Object.entries(typed)
      .filter(([, value]) => value !== "" && value !== null && value !== undefined)
      .map(([name, value]) => [
        name,
        typeof value === "object" && !Array.isArray(value) ? withoutEmpty(value as Json) : value,
      ]),
  );
