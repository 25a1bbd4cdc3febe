import { expect, test } from "vitest";
import { besideSlot, rectangle, ring } from "../drawing/devices/paths";
import { levelOf, levels, margin, meets, seen } from "./useView";

test("the eye: how near is near, and what is drawn for a window", () => {
  expect(levelOf(levels.middle - 0.01)).toBe("far");
  expect(levelOf(levels.middle)).toBe("middle");
  expect(levelOf(levels.near)).toBe("near");
  const drawn = seen({ x: 100, y: 50, scale: 2 }, { width: 400, height: 200 });
  // The window is 200 by 100 mm, and a margin of it on every side.
  expect(drawn).toEqual({
    left: 100 - 200 * margin,
    top: 50 - 100 * margin,
    right: 300 + 200 * margin,
    bottom: 150 + 100 * margin,
  });
  const box = (left: number, top: number, right: number, bottom: number) => ({ left, top, right, bottom });
  expect(meets(box(0, 0, 10, 10), box(10, 10, 20, 20))).toBe(true);
  expect(meets(box(0, 0, 10, 10), box(11, 0, 20, 10))).toBe(false);
  expect(meets(box(0, 0, 10, 10), box(0, 11, 10, 20))).toBe(false);
});

test("outlines are closed, and a state stands on its end wherever that goes", () => {
  expect(rectangle({ left: 1, top: 2, right: 3, bottom: 4 })).toBe("M1 2H3V4H1Z");
  expect(ring(5, 5, 2)).toBe("M3 5a2 2 0 1 1 4 0a2 2 0 1 1 -4 0Z");
  const stub = { wireId: "w", side: "a" as const, state: "ready" as const };
  expect(besideSlot({ ...stub, x: 0, y: 0, toX: 0, toY: 38 })).toEqual([0, 1.6]);
  expect(
    besideSlot({ ...stub, x: 0, y: 0, toX: -30, toY: 40 }).map((v) => Math.round(v * 100) / 100),
  ).toEqual([-0.96, 1.28]);
  // An end that goes nowhere has its state where it is.
  expect(besideSlot({ ...stub, x: 3, y: 4, toX: 3, toY: 4 })).toEqual([3, 4]);
});
