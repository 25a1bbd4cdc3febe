import { expect, it } from "vitest";
import { inWords } from "./tradeWords";

it("says ground and hot in North America, earth and line elsewhere", () => {
  const said = [
    ["Largest earth", "Largest ground"],
    ["An earth", "A ground"],
    ["Earths", "Grounds"],
    ["brass: line", "brass: hot"],
    ["not earthed", "not grounded"],
    ["CASE TO EARTH", "CASE TO GROUND"],
    ["LINE and LOAD", "LINE and LOAD"],
    ["in-line", "in-line"],
    ["line to line", "line to line"],
    ["ground-fault receptacle", "ground-fault receptacle"],
  ] as const;
  for (const [written, american] of said) {
    expect(inWords(written, "north-america")).toBe(american);
    expect(inWords(written, "iec")).toBe(written);
  }
});
