import { expect, test } from "vitest";
import {
  answered,
  deviceAt,
  everything,
  hit,
  indexOf,
  isNarrowed,
  matches,
  next,
  print,
  say,
  slotAt,
  type Board,
  type BoardDevice,
  type BoardRail,
  type BoardWire,
  type Slot,
  type Stub,
} from "./boardModel";
import { statesAlike, stubsAlike } from "./paths";
import { devicesOf, inOrder, moved, placeFor } from "./order";

// What the page makes of a board, without a browser: finding, walking, narrowing, ordering.

const box = (left: number, top: number, right: number, bottom: number) => ({ left, top, right, bottom });

const stub = (wireId: string, x: number, change: Partial<Stub> = {}): Stub => ({
  wireId,
  side: "a",
  x,
  y: 0,
  toX: x,
  toY: -38,
  state: "ready",
  ...change,
});

const slot = (
  name: string,
  left: number,
  top: number,
  stubs: Stub[] = [],
  change: Partial<Slot> = {},
): Slot => ({
  id: `slot ${name}`,
  name,
  mark: name.split(":")[1] ?? name,
  says: "push-in block",
  box: box(left, top, left + 10, top + 46),
  stubs,
  more: 0,
  worst: null,
  checks: [],
  spare: false,
  ...change,
});

const device = (name: string, left: number, top: number, slots: Slot[]): BoardDevice => ({
  id: `device ${name}`,
  version: 1,
  name,
  form: "strip",
  label: box(left, top, left + 9, top + 46),
  body: box(left, top, left + 9 + slots.length * 10, top + 46),
  parts: [],
  slots,
  worst: null,
  checks: [],
});

const wire = (id: string, change: Partial<BoardWire> = {}): BoardWire => ({
  id,
  version: 1,
  name: id,
  size: "2.5 mm²",
  colour: "blue",
  hue: "blue",
  stripe: null,
  function: "control +",
  circuitId: "c1",
  a: { landingId: "slot X1:1", name: "P/X1:1" },
  b: null,
  ...change,
});

/** Two strips side by side, and one below. */
function board(): Board {
  const x1 = device("X1", 0, 0, [
    slot("X1:1", 9, 0, [stub("w1", 14)]),
    slot("X1:2", 19, 0, [stub("w2", 24)]),
  ]);
  const x2 = device("X2", 100, 0, [slot("X2:1", 109, 0)]);
  const y = device("Y", 0, 200, [slot("Y:1", 9, 200), slot("Y:2", 19, 200), slot("Y:3", 29, 200)]);
  const rail = (devices: BoardDevice[], top: number) => ({
    kind: "rail" as const,
    box: box(0, top, 200, top + 46),
    devices,
  });
  return {
    enclosureId: "e",
    sequence: 1,
    mark: "s-1",
    whole: true,
    gone: [],
    box: box(-10, -50, 210, 260),
    rails: [rail([x1, x2], 0), rail([y], 200)],
    wires: [wire("w1"), wire("w2", { circuitId: "c2", size: "14 AWG", function: "" })],
  };
}

test("what is under a point is the slot there, or the nearest end within reach", () => {
  const index = indexOf(board());
  expect(hit(index, 12, 20, 2)?.slot.name).toBe("X1:1");
  expect(hit(index, 12, 20, 2)?.stub?.wireId).toBe("w1");
  expect(hit(index, 15, -20, 2)?.stub?.wireId).toBe("w1");
  expect(hit(index, 19.5, -20, 6)?.stub?.wireId).toBe("w2");
  expect(hit(index, 60, -20, 2)).toBeNull();
  // A slot with nothing in it is there all the same.
  expect(hit(index, 112, 20, 2)?.stub).toBeNull();
  expect(slotAt(index, 108.5, 20, 1)?.name).toBe("X2:1");
  expect(slotAt(index, 105, 20, 1)).toBeNull();
  expect(deviceAt(index, 3, 20)?.name).toBe("X1");
  expect(deviceAt(index, 15, 20)).toBeNull();
});

test("arrows lead along the rail and to the nearest slot above or below, and stop at the ends", () => {
  const index = indexOf(board());
  const walk = (from: string | null, ...steps: ("left" | "right" | "up" | "down")[]) =>
    steps.reduce<string | null>((at, step) => next(index, at, step)?.id ?? null, from);
  expect(walk(null, "right")).toBe("slot X1:1");
  expect(walk("slot X1:1", "right", "right")).toBe("slot X2:1");
  expect(walk("slot X1:1", "left")).toBe("slot X1:1");
  expect(walk("slot X1:2", "down")).toBe("slot Y:2");
  expect(walk("slot X2:1", "down")).toBe("slot Y:3");
  expect(walk("slot Y:1", "up")).toBe("slot X1:1");
  expect(walk("slot Y:3", "down")).toBe("slot Y:3");
  expect(next(indexOf({ ...board(), rails: [] }), null, "right")).toBeNull();
});

test("a board is narrowed by each thing alone and by all together", () => {
  const index = indexOf(board());
  const of = (change: Partial<Slot>, end: Partial<Stub>, filter: Partial<typeof everything>) =>
    matches(
      { ...everything, ...filter },
      slot("X1:1", 0, 0, [], change),
      stub("w1", 0, end),
      index.wires.get("w1"),
    );
  expect(isNarrowed(everything)).toBe(false);
  expect(of({}, {}, {})).toBe(true);
  expect(of({}, {}, { circuit: "c1" })).toBe(true);
  expect(of({}, {}, { circuit: "c2" })).toBe(false);
  expect(of({}, {}, { size: "2.5 mm²" })).toBe(true);
  expect(of({}, { ferrule: "2.5 mm²" }, { ferrule: "none" })).toBe(false);
  expect(of({}, {}, { ferrule: "none" })).toBe(true);
  expect(of({}, { state: "signed" }, { state: "signed" })).toBe(true);
  expect(of({}, {}, { state: "older-plan" })).toBe(false);
  expect(of({}, { olderPlan: true }, { state: "older-plan" })).toBe(true);
  expect(of({}, { by: "Mara" }, { person: "Mara" })).toBe(true);
  expect(of({}, {}, { person: "Mara" })).toBe(false);
  expect(of({ worst: "fix", checks: ["two-conductors"] }, {}, { finding: "any" })).toBe(true);
  expect(of({ worst: "fix", checks: ["two-conductors"] }, {}, { finding: "stop" })).toBe(false);
  expect(of({ worst: "fix", checks: ["two-conductors"] }, {}, { finding: "two-conductors" })).toBe(true);
  expect(of({}, {}, { finding: "any" })).toBe(false);
  // What was found about the device counts for all that lands on it.
  const rated = { ...device("R", 0, 0, []), worst: "stop" as const, checks: ["receptacle-rating"] };
  const bare = slot("R:1", 0, 0);
  for (const finding of ["any", "stop", "receptacle-rating"]) {
    expect(matches({ ...everything, finding }, bare, stub("w1", 0), undefined, rated)).toBe(true);
  }
  expect(matches({ ...everything, finding: "fix" }, bare, stub("w1", 0), undefined, rated)).toBe(false);
  expect(of({}, {}, { circuit: "c1", size: "14 AWG" })).toBe(false);
});

test("what is printed and said of an end is what is known of it", () => {
  const index = indexOf(board());
  expect(print(index.wires.get("w1"))).toBe("w1 · 2.5 mm² · control +");
  expect(print(index.wires.get("w2"))).toBe("w2 · 14 AWG");
  expect(print(undefined)).toBe("");
  const one = index.slots[0]?.slot as Slot;
  expect(say(one, one.stubs[0] as Stub, index.wires.get("w1"))).toBe(
    "X1:1: wire w1, 2.5 mm², blue, control +, ready, to nowhere",
  );
  expect(say(slot("X:9", 0, 0), null, undefined)).toBe("X:9: nothing");
  expect(say(slot("X:9", 0, 0, [], { spare: true }), null, undefined)).toBe("X:9: spare");
  expect(
    say(slot("X:9", 0, 0, [stub("a", 0), stub("b", 0)], { more: 3, worst: "stop" }), null, undefined),
  ).toBe("X:9: 5 wires, stop");
});

test("an answer of what changed takes its place, and the rest stays the same objects", () => {
  const before = board();
  const changed = device("X2", 100, 0, [slot("X2:1", 109, 0, [stub("w9", 114)])]);
  const [first, second] = before.rails;
  const after = answered(before, {
    ...before,
    mark: "s-2",
    whole: false,
    rails: [
      { ...(first as BoardRail), devices: [null, changed] },
      { ...(second as BoardRail), devices: [null] },
    ],
    wires: [wire("w2", { name: "2b" }), wire("w9")],
    gone: ["w1"],
  });
  expect(after.mark).toBe("s-2");
  expect(after.rails[0]?.devices[0]).toBe(first?.devices[0]);
  expect(after.rails[0]?.devices[1]).toEqual(changed);
  expect(after.rails[1]?.devices).toEqual(second?.devices);
  expect(after.wires.map(({ id, name }) => [id, name])).toEqual([
    ["w2", "2b"],
    ["w9", "w9"],
  ]);
});

test("of a device that changed the slots that did not stay the same objects", () => {
  const before = board();
  const x1 = before.rails[0]?.devices[0] as BoardDevice;
  const changed = { ...x1, slots: [slot("X1:1", 9, 0, [stub("w1", 14)]), slot("X1:2", 19, 0)] };
  const [first, second] = before.rails;
  const after = answered(before, {
    ...before,
    whole: false,
    rails: [
      { ...(first as BoardRail), devices: [changed, null] },
      { ...(second as BoardRail), devices: [null] },
    ],
    wires: [],
    gone: [],
  });
  expect(after.rails[0]?.devices[0]?.slots[0]).toBe(x1.slots[0]);
  expect(after.rails[0]?.devices[0]?.slots[1]).toBe(changed.slots[1]);
});

test("a whole answer owes nothing to what was there", () => {
  const whole = board();
  expect(answered(undefined, whole)).toEqual(whole);
  expect(answered({ ...board(), wires: [wire("old")] }, whole).wires).toEqual(whole.wires);
});

test("ends that look alike are one path, those that fade another", () => {
  const slots = [
    slot("X:1", 0, 0, [stub("w1", 5), stub("w2", 7)]),
    slot("X:2", 10, 0, [stub("w3", 15, { state: "landed" }), stub("w4", 17)]),
  ];
  const wires = new Map(
    [wire("w1"), wire("w2"), wire("w3", { stripe: "yellow" }), wire("w4")].map((one) => [one.id, one]),
  );
  const alike = stubsAlike(slots, wires, (_, { wireId }) => wireId === "w2");
  expect(alike.map(({ hue, stripe, faded, path }) => [hue, stripe, faded, path.match(/L/g)?.length])).toEqual(
    [
      ["blue", null, true, 1],
      ["blue", null, false, 2],
      ["blue", "yellow", false, 1],
    ],
  );
  const states = statesAlike(slots, () => false);
  expect(states.map(({ state, at }) => [state, at.length])).toEqual([
    ["ready", 3],
    ["landed", 1],
  ]);
  // On the end, 1.6 mm out of its slot.
  expect(states[0]?.at[0]).toEqual([5, -1.6]);
});

test("a device is put before another or last, and only those between move", () => {
  const devices = ["A", "B", "C", "D"].map((name, i) => ({
    part: { id: name, name, order: i + 1, enclosureId: "e", type: "block" as const },
    version: 7,
  }));
  const names = (before: string | null, device: string) =>
    moved(devices, device, before).map(({ put }) => {
      const part = put as { name: string; order: number };
      return `${part.name} ${part.order}`;
    });
  expect(names("B", "D")).toEqual(["D 2", "B 3", "C 4"]);
  expect(names(null, "A")).toEqual(["B 1", "C 2", "D 3", "A 4"]);
  expect(names("B", "A")).toEqual([]);
  expect(names("A", "A")).toEqual([]);
  expect(names("A", "Z")).toEqual([]);
  expect(inOrder([...devices].reverse(), "e").map(({ part }) => part.name)).toEqual(["A", "B", "C", "D"]);
  expect(inOrder(devices, "other")).toEqual([]);
});

test("a device that is let go stands before what is there, or after the last of the rail", () => {
  const index = indexOf(board());
  expect(devicesOf(index).map(({ name }) => name)).toEqual(["X1", "X2", "Y"]);
  const y = devicesOf(index)[2] as BoardDevice;
  expect(placeFor(index, y, 5, 20).before?.name).toBe("X1");
  expect(placeFor(index, y, 90, 20).before?.name).toBe("X2");
  // After the last of the first rail is before what follows, which is the device itself: so it stays where it is.
  expect(placeFor(index, y, 190, 20).before).toBeNull();
  const x1 = devicesOf(index)[0] as BoardDevice;
  expect(placeFor(index, x1, 190, 220).before).toBeNull();
  expect(placeFor(index, x1, 5, 220).before?.name).toBe("Y");
  expect(placeFor(index, x1, 5, 500).at).toBeNull();
});
