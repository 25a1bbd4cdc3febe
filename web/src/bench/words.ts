import type { Schemas } from "../client";

export const trustWords: Record<Schemas["Trust"], string> = {
  marking: "marking",
  maker: "maker",
  standard: "standard",
  handbook: "handbook",
  "common-practice": "common practice",
  generic: "typical value",
};
