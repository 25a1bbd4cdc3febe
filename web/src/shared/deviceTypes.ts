import type { Schemas } from "../client";

export type DeviceType = NonNullable<Schemas["DeviceType"]>;

/** What each type of device is called. */
export const deviceTypes: Record<DeviceType, string> = {
  block: "terminal blocks",
  receptacle: "receptacle",
  "ground-fault-receptacle": "ground-fault receptacle",
  switch: "switch",
  breaker: "breaker or fuse",
  "earth-bar": "earth bar",
  "neutral-bar": "neutral bar",
  plug: "plug or connector",
  load: "load: lamp, heater, controller",
  contactor: "contactor",
  relay: "relay",
  isolator: "disconnector or fuse block",
  "three-way-switch": "three-way switch",
  "four-way-switch": "four-way switch",
  "power-supply": "DC supply",
  transformer: "transformer",
  motor: "motor",
  "overload-relay": "overload relay",
  "control-switch": "push button or limit switch",
  other: "another device",
};

/** What each kind of current is called. */
export const currents: Record<NonNullable<Schemas["CurrentKind"]>, string> = {
  "not-said": "not said, or either",
  ac: "AC",
  dc: "DC",
};
