import type { Schemas } from "../client";

export type Kind = Schemas["ConnectorKind"];
export type Place = Schemas["SplicePlace"];
export type Form = Schemas["HandForm"];

/** What can hold a joint, as one asks for it. */
export const kindWords: Record<Kind, string> = {
  lever: "Lever",
  "push-in": "Push-in",
  "twist-on": "Twist-on",
  "crimp-sleeve-tube": "Crimp sleeve in a sealed tube",
  "sealed-twist-on": "Twist-on with sealant",
  solder: "Solder and tape",
  none: "Nothing but a twist",
};

export const placeWords: Record<Place, string> = { dry: "Dry", damp: "Damp", wet: "Wet", buried: "Buried" };

export const formWords: Record<Form, string> = {
  "pigtail-2": "Pigtail of two",
  "pigtail-3": "Pigtail of three",
  "pigtail-4": "Pigtail of four",
  "in-line": "In line",
  tap: "Tap on a run",
  "face-to-face": "Strands face to face",
  "stranded-tee": "Tee of strands",
  "stranded-to-solid": "Strands on solid",
};

/** Ends of a kind that are joined. */
export interface Ends {
  count: number;
  size: string;
  build: Schemas["Build"];
  material: Schemas["Material"];
  side: Schemas["CableSide"];
}

/** Which conductor of a flat twin cable each of the ends is. */
export const sidesOf = (ends: Ends[]): Schemas["CableSide"][] =>
  ends.flatMap(({ count, side }) => Array.from({ length: count }, () => side));

/** The ends one by one, as the interface takes them. */
export const eachOf = (ends: Ends[]): Schemas["ConductorDocument"][] =>
  ends.flatMap(({ count, size, build, material }) =>
    Array.from({ length: count }, () => ({ size, build, material, insulationOuterDiameterMm: null })),
  );
