import { expect, test } from "vitest";
import { nothingSeen, toFound } from "./seen";
import { faults, verdicts } from "./words";

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

test("each fault and each verdict has words of its own", () => {
  for (const words of [Object.values(faults), Object.values(verdicts).map(({ word }) => word)])
    expect(new Set(words).size).toBe(words.length);
});
