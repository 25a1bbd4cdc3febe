import { expect, test } from "@playwright/test";
import { levelOf, levels, margin, meets, seen } from "../src/board/useView";
import { besideSlot, rectangle, ring } from "../src/board/paths";
import { addPin, blankMap, changePin, terminalsOf } from "../src/pinmaps/map";
import { nothingSeen, toFound } from "../src/rework/seen";
import { faults, sayRework, verdicts } from "../src/rework/words";

// What the pages of cords, pin maps and rework make of what is typed, without a browser.

test("a blank map has what a machine of its speeds has, and nothing traced", () => {
  expect(blankMap(1).pins.map((pin) => pin.function)).toEqual(["line", "common", "earth"]);
  const two = blankMap(2);
  expect(two.pins.map((pin) => pin.function)).toEqual(["low-speed", "high-speed", "common", "earth"]);
  // Of two speeds only one is fed, and no number counts before the key was seen.
  expect(two.fed).toEqual(["low-speed"]);
  expect(two.keySeen).toBe(false);
  expect(terminalsOf(two)).toEqual([]);
});

test("a pin more takes the first number that is free, and in a full connector the last", () => {
  const map = changePin(blankMap(1), 1, { pin: 5 });
  expect(addPin(map).pins.map((pin) => pin.pin)).toEqual([1, 5, 3, 2]);
  const full = { ...blankMap(1), pinCount: 3 };
  expect(addPin(full).pins.at(-1)?.pin).toBe(3);
});

test("a change of a pin leaves the others as they were, and the map that was", () => {
  const before = blankMap(1);
  const after = changePin(before, 0, { terminal: "T1", ohms: 0 });
  expect(after.pins[0]).toMatchObject({ pin: 1, terminal: "T1", ohms: 0 });
  expect(after.pins[1]).toBe(before.pins[1]);
  expect(before.pins[0]?.terminal).toBe("");
});

test("terminals stand once, in the order of their numbers", () => {
  const map = ["T10", " T2 ", "T2"].reduce(
    (all, terminal, i) => changePin(all, i, { terminal }),
    blankMap(1),
  );
  expect(terminalsOf(map)).toEqual(["T2", "T10"]);
});

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

test("the eye: how near is near, and what is drawn for a window", () => {
  expect(levelOf(levels.middle - 0.01)).toBe("far");
  expect(levelOf(levels.middle)).toBe("middle");
  expect(levelOf(levels.near)).toBe("near");
  const drawn = seen({ x: 100, y: 50, scale: 2 }, { width: 400, height: 200 });
  // The window is 200 by 100 mm, and a margin of it on every side.
  expect(drawn).toEqual({
    left: 100 - 200 * margin,
    top: 50 - 100 * margin,
    right: 300 + 200 * margin,
    bottom: 150 + 100 * margin,
  });
  const box = (left: number, top: number, right: number, bottom: number) => ({ left, top, right, bottom });
  expect(meets(box(0, 0, 10, 10), box(10, 10, 20, 20))).toBe(true);
  expect(meets(box(0, 0, 10, 10), box(11, 0, 20, 10))).toBe(false);
  expect(meets(box(0, 0, 10, 10), box(0, 11, 10, 20))).toBe(false);
});

test("outlines are closed, and a state stands on its end wherever that goes", () => {
  expect(rectangle({ left: 1, top: 2, right: 3, bottom: 4 })).toBe("M1 2H3V4H1Z");
  expect(ring(5, 5, 2)).toBe("M3 5a2 2 0 1 1 4 0a2 2 0 1 1 -4 0Z");
  const stub = { wireId: "w", side: "a" as const, state: "ready" as const };
  expect(besideSlot({ ...stub, x: 0, y: 0, toX: 0, toY: 38 })).toEqual([0, 1.6]);
  expect(
    besideSlot({ ...stub, x: 0, y: 0, toX: -30, toY: 40 }).map((v) => Math.round(v * 100) / 100),
  ).toEqual([-0.96, 1.28]);
  // An end that goes nowhere has its state where it is.
  expect(besideSlot({ ...stub, x: 3, y: 4, toX: 3, toY: 4 })).toEqual([3, 4]);
});
