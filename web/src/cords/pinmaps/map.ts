import type { Schemas } from "../../client";

export type PinMap = Schemas["PinMapDocument"];
export type Pin = Schemas["MappedPinDocument"];
export type PinFunction = Schemas["PinFunction"];

export const functionWords: Record<PinFunction, string> = {
  line: "line",
  common: "common or neutral",
  earth: "earth",
  "low-speed": "low speed",
  "high-speed": "high speed",
  other: "something else",
};

/** A pin nobody has measured, or not since its terminal changed. */
export const unmeasured = { ohms: null, isOpen: false, heard: false } satisfies Partial<Pin>;

const untraced = (pin: number): Pin => ({ pin, function: "other", terminal: "", colour: "", ...unmeasured });

export const addPin = (map: PinMap): PinMap => {
  const taken = new Set(map.pins.map((one) => one.pin));
  const free = Array.from({ length: map.pinCount }, (_, i) => i + 1).find((at) => !taken.has(at));
  return { ...map, pins: [...map.pins, untraced(free ?? map.pinCount)] };
};

export const changePin = (map: PinMap, at: number, change: Partial<Pin>): PinMap => ({
  ...map,
  pins: map.pins.map((one, i) => (i === at ? { ...one, ...change } : one)),
});

/** The machine's terminals, each once, in the order of their names. */
export const terminalsOf = (map: PinMap) =>
  [...new Set(map.pins.map(({ terminal }) => terminal.trim()).filter(Boolean))].sort((a, b) =>
    a.localeCompare(b, undefined, { numeric: true }),
  );
