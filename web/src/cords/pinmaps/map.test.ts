import { expect, test } from "vitest";
import { addPin, changePin, terminalsOf, unmeasured, type Pin, type PinMap } from "./map";

const pin = (at: number): Pin => ({ pin: at, function: "line", terminal: "", colour: "", ...unmeasured });

/** As the core begins one, with so many pins. */
const mapOf = (...pins: number[]): PinMap => ({
  name: "Fan",
  pinCount: 6,
  rows: 1,
  keySeen: false,
  turnedRound: false,
  speeds: 1,
  fed: [],
  takenForLegs: false,
  pins: pins.map(pin),
  old: null,
  new: null,
});

test("a pin more takes the first number that is free, and in a full connector the last", () => {
  const map = changePin(mapOf(1, 2, 3), 1, { pin: 5 });
  expect(addPin(map).pins.map((pin) => pin.pin)).toEqual([1, 5, 3, 2]);
  const full = { ...mapOf(1, 2, 3), pinCount: 3 };
  expect(addPin(full).pins.at(-1)?.pin).toBe(3);
});

test("a change of a pin leaves the others as they were, and the map that was", () => {
  const before = mapOf(1, 2, 3);
  const after = changePin(before, 0, { terminal: "T1", ohms: 0 });
  expect(after.pins[0]).toMatchObject({ pin: 1, terminal: "T1", ohms: 0 });
  expect(after.pins[1]).toBe(before.pins[1]);
  expect(before.pins[0]?.terminal).toBe("");
});

test("terminals stand once, in the order of their numbers", () => {
  const map = ["T10", " T2 ", "T2"].reduce(
    (all, terminal, i) => changePin(all, i, { terminal }),
    mapOf(1, 2, 3),
  );
  expect(terminalsOf(map)).toEqual(["T2", "T10"]);
});
