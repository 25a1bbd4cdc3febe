import type { Schemas } from "../client";

type Device = Schemas["VersionedOfDeviceDocument"];

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
