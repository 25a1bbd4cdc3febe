import type { Schemas } from "../../client";

export type Side = "a" | "b";
export type Box = Schemas["BoardBox"];
export type BoardWire = Schemas["BoardWire"];
/** The schema has an end’s side, an enumeration that is optional elsewhere, as possibly null; here it never is. */
export type Stub = Schemas["BoardStubDocument"] & { side: Side };
export type Slot = Omit<Schemas["BoardSlotDocument"], "stubs"> & { stubs: Stub[] };
export type BoardDevice = Omit<Schemas["BoardDeviceDocument"], "slots"> & { slots: Slot[] };
export type BoardRail = Omit<Schemas["BoardRailDocument"], "devices"> & { devices: BoardDevice[] };
/** From how near a board is looked at: from afar, so that its devices are told apart, or so that it is read. */
export type Level = "far" | "middle" | "near";
export type Board = Omit<Schemas["BoardDocument"], "rails"> & { rails: BoardRail[] };

/** An answer: all of a board, or what has changed of it since; a device that is null stands as it stood. */
export type BoardAnswer = Omit<Board, "rails"> & {
  rails: (Omit<BoardRail, "devices"> & { devices: (BoardDevice | null)[] })[];
};

/** A device with those of its slots that say what they said as the objects they were. */
function withSlotsOf(device: BoardDevice, was: BoardDevice | undefined): BoardDevice {
  if (!was) return device;
  const known = new Map(was.slots.map((slot) => [slot.id, slot]));
  return {
    ...device,
    slots: device.slots.map((slot) => {
      const before = known.get(slot.id);
      return before && JSON.stringify(before) === JSON.stringify(slot) ? before : slot;
    }),
  };
}

/** A board after an answer. What did not change stays the same objects, so that it is not painted again. */
export function answered(before: Board | undefined, answer: BoardAnswer): Board {
  const wires = new Map(answer.wires.map((wire) => [wire.id, wire]));
  const gone = new Set(answer.gone);
  const kept = answer.whole ? [] : (before?.wires ?? []);
  const known = new Set(kept.map(({ id }) => id));
  return {
    ...answer,
    rails: answer.rails.map((rail, i) => ({
      ...rail,
      devices: rail.devices.flatMap((device, j) => {
        const was = before?.rails[i]?.devices[j];
        return device ? withSlotsOf(device, answer.whole ? undefined : was) : (was ?? []);
      }),
    })),
    wires: [
      ...kept.flatMap((wire) => (gone.has(wire.id) ? [] : (wires.get(wire.id) ?? wire))),
      ...answer.wires.filter(({ id }) => !known.has(id)),
    ],
  };
}

/** A board by what it is asked for: its slots in order, its wires by id. */
export interface BoardIndex {
  board: Board;
  slots: { slot: Slot; device: BoardDevice; rail: number }[];
  wires: Map<string, BoardWire>;
}

export function indexOf(board: Board): BoardIndex {
  return {
    board,
    slots: board.rails.flatMap((rail, i) =>
      rail.devices.flatMap((device) => device.slots.map((slot) => ({ slot, device, rail: i }))),
    ),
    wires: new Map(board.wires.map((wire) => [wire.id, wire])),
  };
}

/** The slot that is open and the end that is looked at: the one that is asked for, else the slot’s first. */
export function opened(
  index: BoardIndex,
  slotId: string | null,
  end: string | null,
): Hit | { slot: null; stub: null } {
  const slot = index.slots.find((one) => one.slot.id === slotId)?.slot;
  return slot
    ? { slot, stub: slot.stubs.find((one) => `${one.wireId}${one.side}` === end) ?? slot.stubs[0] ?? null }
    : { slot: null, stub: null };
}

const within = (box: Box, x: number, y: number, by = 0) =>
  x >= box.left - by && x <= box.right + by && y >= box.top - by && y <= box.bottom + by;

/** How far a point is from a stub, mm. */
function away(stub: Stub, x: number, y: number): number {
  const [dx, dy] = [stub.toX - stub.x, stub.toY - stub.y];
  const along = Math.max(0, Math.min(1, ((x - stub.x) * dx + (y - stub.y) * dy) / (dx * dx + dy * dy || 1)));
  return Math.hypot(x - stub.x - along * dx, y - stub.y - along * dy);
}

export interface Hit {
  slot: Slot;
  stub: Stub | null;
}

/** What is at a point of the board: a slot, or an end that leaves one; `reach` is how near is near enough, mm. */
export function hit(index: BoardIndex, x: number, y: number, reach: number): Hit | null {
  let best: { found: Hit; distance: number } | null = null;
  for (const { slot } of index.slots) {
    if (within(slot.box, x, y))
      return { slot, stub: slot.stubs.length === 1 ? (slot.stubs[0] ?? null) : null };
    for (const stub of slot.stubs) {
      const distance = away(stub, x, y);
      if (distance <= reach && distance < (best?.distance ?? Infinity))
        best = { found: { slot, stub }, distance };
    }
  }
  return best?.found ?? null;
}

/** The slot under a point, or the nearest one within reach: where something is dropped. */
export function slotAt(index: BoardIndex, x: number, y: number, reach: number): Slot | null {
  return index.slots.find(({ slot }) => within(slot.box, x, y, reach))?.slot ?? null;
}

/** The device whose name is at a point: it is carried by its name, so that a plain drag on its body moves the board. */
export const deviceAt = (index: BoardIndex, x: number, y: number): BoardDevice | null =>
  index.board.rails
    .flatMap((rail) => rail.devices)
    .find((device) => device.id && within(device.label, x, y)) ?? null;

export type Step = "left" | "right" | "up" | "down";

/** The slot that an arrow leads to: along the rail, or the nearest one on the rail above or below. */
export function next(index: BoardIndex, from: string | null, step: Step): Slot | null {
  const at = index.slots.findIndex(({ slot }) => slot.id === from);
  const here = index.slots[at];
  if (!here) return index.slots[0]?.slot ?? null;
  if (step === "left" || step === "right")
    return index.slots[at + (step === "left" ? -1 : 1)]?.slot ?? here.slot;
  const middle = (box: Box) => (box.left + box.right) / 2;
  const rail = here.rail + (step === "up" ? -1 : 1);
  const there = index.slots.filter((other) => other.rail === rail);
  return there.length === 0
    ? here.slot
    : there.reduce((a, b) =>
        Math.abs(middle(b.slot.box) - middle(here.slot.box)) <
        Math.abs(middle(a.slot.box) - middle(here.slot.box))
          ? b
          : a,
      ).slot;
}

/** What the board is narrowed to; empty is everything. */
export interface Filter {
  circuit: string;
  size: string;
  ferrule: string;
  state: string;
  finding: string;
  person: string;
}

export const everything: Filter = { circuit: "", size: "", ferrule: "", state: "", finding: "", person: "" };

export const isNarrowed = (filter: Filter) => Object.values(filter).some(Boolean);

/** Whether an end is among those that are asked for. */
export function matches(
  filter: Filter,
  slot: Slot,
  stub: Stub,
  wire: BoardWire | undefined,
  device?: BoardDevice,
): boolean {
  const { circuit, size, ferrule, state, finding, person } = filter;
  return (
    (!circuit || wire?.circuitId === circuit) &&
    (!size || wire?.size === size) &&
    (!ferrule || (stub.ferrule ?? "none") === ferrule) &&
    (!state || (state === "older-plan" ? stub.olderPlan === true : stub.state === state)) &&
    (!person || stub.by === person) &&
    (!finding ||
      [slot, device].some(
        (one) =>
          one &&
          (finding === "any" ? one.worst !== null : one.worst === finding || one.checks.includes(finding)),
      ))
  );
}

/** What is printed along a stub. */
export const print = (wire: BoardWire | undefined) =>
  wire ? [wire.name, wire.size, wire.function].filter(Boolean).join(" · ") : "";

/** An end in a sentence, for whoever cannot see it. */
export function say(slot: Slot, stub: Stub | null, wire: BoardWire | undefined): string {
  const about = slot.worst ? `, ${slot.worst}` : "";
  if (!stub || !wire)
    return `${slot.name}: ${slot.stubs.length ? `${slot.stubs.length + slot.more} wires` : slot.spare ? "spare" : "nothing"}${about}`;
  const other = stub.side === "a" ? wire.b : wire.a;
  return (
    [
      `${slot.name}: wire ${wire.name}`,
      wire.size,
      wire.colour,
      wire.function,
      stub.state + (stub.olderPlan ? ", landed to an older plan" : ""),
      other ? `to ${other.name}` : "to nowhere",
    ]
      .filter(Boolean)
      .join(", ") + about
  );
}
