import { expect, test } from "vitest";
import { conductorsToAdd, freed, type CableRow, type Core } from "./cables";

const core = (says: string | null, isEarth = false): Core => ({
  colour: says === null ? null : { base: "black", stripe: null, says },
  isEarth,
});
const wire = (colour: string | null, of = "unknown") =>
  ({
    wire: { id: colour ?? "w", colour, function: of, cableId: "c" },
    version: 3,
  }) as unknown as CableRow["wires"][number];

test("a new cable brings all its conductors", () => {
  const cores = [core("black"), core("white"), core("bare", true)];
  expect(conductorsToAdd(cores, [])).toEqual(cores);
});

test("what is a wire already is not brought again: by its colour, and an earth by what it is for", () => {
  const cores = [core("black"), core("white"), core("bare", true)];
  expect(conductorsToAdd(cores, [wire("white")])).toEqual([cores[0], cores[2]]);
  expect(conductorsToAdd(cores, [wire("green", "earth")])).toEqual([cores[0], cores[1]]);
});

test("a wire of another colour stands for one of them, and a full cable brings none", () => {
  const cores = [core("black"), core("white")];
  expect(conductorsToAdd(cores, [wire("red")])).toHaveLength(1);
  expect(conductorsToAdd(cores, [wire("red"), wire(null)])).toEqual([]);
  expect(conductorsToAdd([core(null), core(null)], [wire(null)])).toHaveLength(1);
});

test("a cable that is deleted leaves its wires as single ones", () => {
  const row = { cable: { id: "c" }, version: 7, isCord: true, wires: [wire("black")] } as unknown as CableRow;
  expect(freed(row)).toMatchObject([
    { put: { part: "wire", cableId: null, inCord: true }, version: 3 },
    { remove: "c", version: 7 },
  ]);
});
