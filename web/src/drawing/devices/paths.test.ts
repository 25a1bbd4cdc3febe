import { expect, test } from "vitest";
import { slice } from "./paths";

test("a slice of a disc ends where its share of the turn does", () => {
  expect(slice(0, 0, 2, 0.25)).toMatch(/A2 2 0 0 1 2 0Z$/);
  expect(slice(0, 0, 2, 0.5)).toMatch(/A2 2 0 0 1 0 2Z$/);
  expect(slice(0, 0, 2, 0.75)).toMatch(/A2 2 0 1 1 -2 0Z$/);
});
