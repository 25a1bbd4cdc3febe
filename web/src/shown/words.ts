import type { Schemas } from "../client";

/** A verdict in a word, the same wherever one stands. */
export const verdictWords: Record<Schemas["Verdict"], { word: string; colour: string }> = {
  go: { word: "Go", colour: "go" },
  read: { word: "Go: read it off", colour: "go" },
  caution: { word: "Caution", colour: "caution" },
  stop: { word: "Stop", colour: "stop" },
};

export const trustWords: Record<Schemas["Trust"], string> = {
  marking: "marking",
  maker: "maker",
  standard: "standard",
  handbook: "handbook",
  "common-practice": "common practice",
  generic: "typical value",
};
