import type { Schemas } from "../client";

export type CableRow = Schemas["CableRow"];
export type JobCable = Schemas["JobPartJobCable"];
export type Core = Schemas["CableCoreDocument"];

/** The conductors of a cable that no wire is yet: those whose colours are there are left out first. */
export function conductorsToAdd(cores: Core[], wires: CableRow["wires"]): Core[] {
  const there = wires.map(({ wire }) => ({ colour: wire.colour ?? "", isEarth: wire.function === "earth" }));
  const missing = cores.filter((core) => {
    const same = there.findIndex(
      ({ colour, isEarth }) => (core.isEarth && isEarth) || (colour !== "" && colour === core.colour?.says),
    );
    if (same >= 0) there.splice(same, 1);
    return same < 0;
  });
  // A wire of another colour, or of none, is one of them all the same.
  return missing.slice(0, Math.max(0, cores.length - wires.length));
}

/** A cable is deleted; its conductors stay, as single wires, and those of a cord are still of a cord. */
export const freed = ({ cable, version, wires, isCord }: CableRow): Schemas["PartChange"][] => [
  ...wires.map(({ wire, version: of }) => ({
    put: { ...wire, part: "wire" as const, cableId: null, inCord: isCord },
    version: of,
  })),
  { remove: cable.id, version },
];
