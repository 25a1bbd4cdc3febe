import type { Schemas } from "../../client";
import type { BoardDevice, BoardIndex } from "./boardModel";

type Device = Schemas["VersionedOfDevice"];

/** The devices of an enclosure in their order. */
export const inOrder = (devices: Device[], enclosure: string) =>
  devices
    .filter(({ part }) => part.enclosureId === enclosure)
    .sort((a, b) => (a.part.order ?? 0) - (b.part.order ?? 0) || a.part.id.localeCompare(b.part.id));

/** The changes that put a device before another, or last; those between move on by one. */
export function moved(devices: Device[], device: string, before: string | null): Schemas["PartChange"][] {
  const one = devices.find(({ part }) => part.id === device);
  if (!one || device === before) return [];
  const others = devices.filter((other) => other !== one);
  const at = before ? others.findIndex(({ part }) => part.id === before) : others.length;
  const after = [...others.slice(0, at), one, ...others.slice(at)];
  const places = devices.map(({ part }) => part.order ?? 0);
  return after.flatMap(({ part, version }, i) =>
    part.order === places[i]
      ? []
      : [{ put: { ...part, part: "device" as const, order: places[i] ?? 0 }, version }],
  );
}

/** A device in the hand, and where it would stand. */
export interface Ordering {
  device: BoardDevice;
  before: BoardDevice | null;
  /** Where it would stand, mm. */
  at: { x: number; top: number; bottom: number } | null;
}

/** Every device that has a place in the order, each once. */
export const devicesOf = (index: BoardIndex) =>
  index.board.rails
    .flatMap((rail) => rail.devices)
    .filter((device, i, all) => device.id && all.findIndex((other) => other.id === device.id) === i);

/** Where a device would stand that is let go at a point: before the device there, or after the last of the rail. */
export function placeFor(index: BoardIndex, device: BoardDevice, x: number, y: number): Ordering {
  const rail = index.board.rails.find(({ box }) => y >= box.top - 5 && y <= box.bottom + 5);
  const standing = rail?.devices.filter((other) => other.id && other.id !== device.id) ?? [];
  const next = standing.find(({ body }) => x < (body.left + body.right) / 2);
  const last = standing.at(-1);
  const devices = devicesOf(index);
  const after = last ? devices[devices.findIndex((other) => other.id === last.id) + 1] : undefined;
  const place = next ?? last;
  return {
    device,
    before:
      next ?? (after?.id === device.id ? (devices[devices.indexOf(after) + 1] ?? null) : (after ?? null)),
    at: place
      ? {
          x: next ? place.body.left - 5 : place.body.right + 5,
          top: place.body.top - 6,
          bottom: place.body.bottom + 6,
        }
      : null,
  };
}
