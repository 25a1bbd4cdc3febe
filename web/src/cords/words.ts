import type { Schemas } from "../client";

/** Where to look, in the order of looking. */
export const placeWords: Record<Schemas["CordPlace"], string> = {
  blades: "Blades, pin and body",
  "inside-the-plug": "Inside the plug",
  "at-the-plug": "Where the cord leaves it",
  along: "Along the cord",
  print: "What is printed on it",
  entry: "Where it enters the machine",
};

export const cordVerdicts: Record<Schemas["CordVerdict"], { word: string; colour: string }> = {
  keep: { word: "Keep it", colour: "go" },
  "look-first": { word: "Look first", colour: "ink" },
  "put-right": { word: "Put it right", colour: "caution" },
  "refit-plug": { word: "New plug", colour: "caution" },
  "replace-cord": { word: "New cord", colour: "stop" },
  "scrap-now": { word: "Scrap it now", colour: "stop" },
};

export type Prices = Schemas["CordPrices"];

export const roleWords: Record<Schemas["CordRole"], { word: string; colour: string }> = {
  unknown: { word: "Not known", colour: "ink.soft" },
  line: { word: "Line", colour: "stop" },
  neutral: { word: "Neutral", colour: "ink" },
  earth: { word: "Earth", colour: "go" },
};

export const certainties: Record<Schemas["Certainty"], string> = {
  sure: "sure",
  likely: "likely",
  "meter-it": "meter it",
};

export const cueWords: Record<Schemas["IdentityCue"], string> = {
  ribbed: "Ribbed, grooved or traced side",
  smooth: "Smooth side",
  printed: "Only this side printed",
  "wide-blade": "Wide blade",
  "narrow-blade": "Narrow blade",
  "earth-pin": "Earth pin",
  "brass-screw": "Brass screw",
  "silver-screw": "Silver screw",
  "green-screw": "Green screw",
  "connector-line": "Connector’s pin L",
  "connector-neutral": "Connector’s pin N",
  "connector-earth": "Connector’s earth pin",
  remarked: "White, marked again",
};
