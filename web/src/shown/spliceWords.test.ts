import { expect, test } from "vitest";
import { eachOf, formWords, kindWords, sidesOf, type Ends } from "./spliceWords";

// What the place Splices reckons by itself: little, and so it is held here.

const ends: Ends[] = [
  { count: 2, size: "14 AWG", build: "solid", material: "copper", side: "ribbed" },
  { count: 1, size: "12 AWG", build: "stranded", material: "aluminium", side: "none" },
];

test("ends by kind are sent one by one, each beside its side of the cable", () => {
  expect(eachOf(ends).map(({ size }) => size)).toEqual(["14 AWG", "14 AWG", "12 AWG"]);
  expect(eachOf(ends)[2]).toMatchObject({ build: "stranded", material: "aluminium" });
  expect(sidesOf(ends)).toEqual(["ribbed", "ribbed", "none"]);
  expect(sidesOf(ends)).toHaveLength(eachOf(ends).length);
});

test("every kind and every form has a name of its own", () => {
  for (const words of [Object.values(kindWords), Object.values(formWords)])
    expect(new Set(words).size).toBe(words.length);
});
