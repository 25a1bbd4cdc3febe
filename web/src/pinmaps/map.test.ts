import { expect, test } from "vitest";
import { addPin, blankMap, changePin, terminalsOf } from "./map";

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
