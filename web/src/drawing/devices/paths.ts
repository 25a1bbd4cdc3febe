import type { BoardWire, Box, Slot, Stub } from "./boardModel";

// Thousands of ends are drawn as a few paths, one for all that look alike: as many elements would be slow.

export const rectangle = ({ left, top, right, bottom }: Box) => `M${left} ${top}H${right}V${bottom}H${left}Z`;

const rounded = (mm: number) => Math.round(mm * 100) / 100;

export const ring = (x: number, y: number, r: number) =>
  `M${rounded(x - r)} ${rounded(y)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`;

/** A slice of a disc from the top, clockwise; `full` is its share, more than none and less than all. */
export function slice(x: number, y: number, r: number, full: number): string {
  const angle = full * 2 * Math.PI - Math.PI / 2;
  const [toX, toY] = [rounded(x + r * Math.cos(angle)), rounded(y + r * Math.sin(angle))];
  return `M${rounded(x)} ${rounded(y)}V${rounded(y - r)}A${r} ${r} 0 ${full > 0.5 ? 1 : 0} 1 ${toX} ${toY}Z`;
}

/** Where the state of an end is shown: on it, a little way out of its slot. */
export function besideSlot({ x, y, toX, toY }: Stub): readonly [number, number] {
  const long = Math.hypot(toX - x, toY - y) || 1;
  return [x + ((toX - x) / long) * 1.6, y + ((toY - y) / long) * 1.6];
}

/** Ends that look alike. */
export interface Alike {
  hue: string;
  stripe: string | null;
  faded: boolean;
  path: string;
}

/** The insulation of all ends of some slots, a path for each look. */
export function stubsAlike(
  slots: readonly Slot[],
  wires: ReadonlyMap<string, BoardWire>,
  fades: (slot: Slot, stub: Stub) => boolean,
): Alike[] {
  const looks = new Map<string, Alike>();
  for (const slot of slots) {
    for (const stub of slot.stubs) {
      const wire = wires.get(stub.wireId);
      const look = {
        hue: wire?.hue ?? "unknown",
        stripe: wire?.stripe ?? null,
        faded: fades(slot, stub),
        path: "",
      };
      const key = `${look.hue} ${look.stripe ?? ""} ${look.faded}`;
      const alike = looks.get(key) ?? look;
      alike.path += `M${stub.x} ${stub.y}L${stub.toX} ${stub.toY}`;
      looks.set(key, alike);
    }
  }
  // What is faded lies under what is asked for.
  return [...looks.values()].sort((a, b) => Number(b.faded) - Number(a.faded));
}

/** Ends that are as far as each other. */
export interface Standing {
  state: Stub["state"];
  faded: boolean;
  at: (readonly [number, number])[];
}

export function statesAlike(slots: readonly Slot[], fades: (slot: Slot, stub: Stub) => boolean): Standing[] {
  const states = new Map<string, Standing>();
  for (const slot of slots) {
    for (const stub of slot.stubs) {
      const standing = { state: stub.state, faded: fades(slot, stub), at: [] };
      const key = `${standing.state} ${standing.faded}`;
      const alike = states.get(key) ?? standing;
      alike.at.push(besideSlot(stub));
      states.set(key, alike);
    }
  }
  return [...states.values()];
}
