import type { Schemas } from "../client";
import type { BoardIndex, Slot } from "../drawing/devices/boardModel";

export type JobBridge = Schemas["JobPartJobBridge"];
export type Bridge = Schemas["VersionedOfJobBridge"];

/** What each form is called. */
export const bridgeForms: Record<NonNullable<JobBridge["form"]>, string> = {
  "plug-in": "plug-in bridge",
  screwed: "jumper bar, screwed",
  comb: "comb of breakers",
  link: "link of bars",
};

/** What no bridge is made for: screws of receptacles and switches, pins of plugs, splices. */
const never = new Set<string>(["from-behind", "wiring-side", "joint"]);

/** The slots that a bridge may join: those of devices of one form, in the order in which they stand. */
export function bridgeable(index: BoardIndex, slot: string): Slot[] {
  const form = index.slots.find((one) => one.slot.id === slot)?.device.form;
  return index.slots
    .filter(({ device }) => device.form === form && !never.has(device.form))
    .map(({ slot: one }) => one);
}

/** How devices of a form are usually bridged; blocks by what is plugged in. */
const usual: Record<string, JobBridge["form"]> = { breaker: "comb", bar: "link", machine: "screwed" };

/** The bridge that would go into a slot: to the next one of its device, or to the one before where it is the last. */
export function newBridge(index: BoardIndex, slot: string): JobBridge {
  const device = index.slots.find((one) => one.slot.id === slot)?.device;
  const beside = bridgeable(index, slot);
  const at = beside.findIndex(({ id }) => id === slot);
  const own = new Set(index.slots.filter((one) => one.device.id === device?.id).map((one) => one.slot.id));
  const next =
    [beside[at + 1], beside[at - 1]].find((one) => one && own.has(one.id)) ??
    beside[at + 1] ??
    beside[at - 1];
  return {
    part: "bridge",
    id: crypto.randomUUID(),
    landings: [slot, ...(next ? [next.id] : [])],
    form: usual[device?.form ?? ""] ?? "plug-in",
  };
}

/** "X1:1 to X1:4", or each terminal where it passes over some. */
export function terminalsOf({ landings }: { landings: string[] }, index: BoardIndex): string {
  const on = index.slots.filter(({ slot }) => landings.includes(slot.id));
  const [first, last] = [on[0], on.at(-1)];
  if (!first || !last) return "terminals of another enclosure";
  const beside = bridgeable(index, first.slot.id).map(({ id }) => id);
  const isWhole = beside.indexOf(last.slot.id) - beside.indexOf(first.slot.id) === on.length - 1;
  return isWhole || on.length === 2
    ? `${first.slot.name} to ${last.slot.name}`
    : on.length > 4
      ? `${first.slot.name}, ${on[1]?.slot.name} … ${last.slot.name}, ${on.length} terminals`
      : on.map(({ slot }) => slot.name).join(", ");
}

/** How many of each length and form: "2 plug-in bridges of 3 poles". A prong that is broken off counts: it is bought. */
export function needed(bridges: Bridge[], index: BoardIndex): string[] {
  const kinds = new Map<string, { poles: number; form: NonNullable<JobBridge["form"]>; count: number }>();
  for (const { part } of bridges) {
    const beside = bridgeable(index, part.landings[0] ?? "");
    const places = beside.flatMap(({ id }, i) => (part.landings.includes(id) ? i : []));
    const form = part.form ?? "plug-in";
    const poles = form === "link" ? part.landings.length : Math.max(...places) - Math.min(...places) + 1;
    const key = `${form} ${poles}`;
    kinds.set(key, { poles, form, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  return [...kinds.values()]
    .sort((a, b) => a.form.localeCompare(b.form) || a.poles - b.poles)
    .map(({ poles, form, count }) => `${count} × ${bridgeForms[form]}, ${poles} poles`);
}
