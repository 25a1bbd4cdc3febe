import type { Schemas } from "../client";

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

const pin = (at: number, fn: PinFunction): Pin => ({
  pin: at,
  function: fn,
  terminal: "",
  colour: "",
  ohms: null,
  isOpen: false,
  heard: false,
});

/** A pin nobody has measured, or not since its terminal changed. */
export const unmeasured = { ohms: null, isOpen: false, heard: false } satisfies Partial<Pin>;

/** A map to begin with: what a machine of so many speeds has, and nothing traced yet. */
export function blankMap(speeds: number): PinMap {
  const functions: PinFunction[] =
    speeds === 2 ? ["low-speed", "high-speed", "common", "earth"] : ["line", "common", "earth"];
  return {
    name: "Fan",
    pinCount: 6,
    rows: 1,
    keySeen: false,
    turnedRound: false,
    speeds,
    fed: speeds === 2 ? ["low-speed"] : [],
    takenForLegs: false,
    pins: functions.map((fn, i) => pin(i + 1, fn)),
    old: null,
    new: null,
  };
}

export const addPin = (map: PinMap): PinMap => {
  const taken = new Set(map.pins.map((one) => one.pin));
  const free = Array.from({ length: map.pinCount }, (_, i) => i + 1).find((at) => !taken.has(at));
  return { ...map, pins: [...map.pins, pin(free ?? map.pinCount, "other")] };
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
