import { expect, test } from "vitest";
import { nothingSeen, toFound } from "./seen";
import { faults, sayRework, verdicts } from "./words";

test("what was seen of an end is sent as it is, and what is no count is none", () => {
  expect(toFound(nothingSeen)).toBeNull();
  expect(toFound({ ...nothingSeen, strands: "7" })).toBeNull();
  expect(toFound({ ...nothingSeen, damaged: "0" })).toBeNull();
  expect(toFound({ faults: ["loose"], strands: "", damaged: "" })).toEqual({
    faults: ["loose"],
    strands: null,
    damaged: 0,
  });
  expect(toFound({ faults: [], strands: " 19 ", damaged: "3" })).toEqual({
    faults: [],
    strands: 19,
    damaged: 3,
  });
  expect(toFound({ faults: [], strands: "many", damaged: "3" })?.strands).toBeNull();
  expect(toFound({ faults: [], strands: "7", damaged: "-3" })).toBeNull();
});

test("the Log says a rework in one sentence", () => {
  const rework = { strands: 7, damaged: 3, verdict: "cut-back" as const, spent: null };
  expect(sayRework({ ...rework, faults: ["strands-cut", "wrong-way"] })).toBe(
    "3 of 7 strands lost, hook the wrong way: cut it back.",
  );
  expect(sayRework({ ...rework, strands: null, faults: ["strands-cut"] })).toBe(
    "3 strands lost: cut it back.",
  );
  expect(sayRework({ ...rework, damaged: 0, verdict: "put-right", faults: ["loose"] })).toBe(
    "Loose: put it right.",
  );
  // Each fault and each verdict has words of its own.
  for (const words of [Object.values(faults), Object.values(verdicts).map(({ word }) => word)])
    expect(new Set(words).size).toBe(words.length);
});
