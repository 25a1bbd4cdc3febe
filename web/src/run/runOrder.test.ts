import { expect, test } from "vitest";
import { keyOf, progressOf, stillAsked, type Task } from "./runOrder";

const task = (wire: string, stage: "strip" | "land", records = false): Task => ({
  wireId: wire,
  wire,
  side: "a",
  landingId: "x",
  landing: "X1:1",
  stage,
  operation: stage,
  steps: [stage],
  settings: [],
  records,
});

const tasks = [task("1", "strip"), task("2", "strip"), task("1", "land"), task("2", "land", true)];

test("what was ticked off is behind, in whatever order it was done", () => {
  expect(progressOf(tasks, [])).toMatchObject({ now: tasks[0], next: tasks.slice(1), left: 4, of: 4 });
  const later = progressOf(tasks, [keyOf(task("2", "strip")), "gone"]);
  expect([later.now, later.left]).toEqual([tasks[0], 3]);
  expect(progressOf(tasks, tasks.map(keyOf))).toMatchObject({ now: null, left: 0 });
});

test("an operation at one end is not the same at the other, nor another operation", () => {
  const other: Task = { ...task("1", "strip"), side: "b" };
  expect(new Set([...tasks, other].map(keyOf)).size).toBe(5);
});

test("what is recorded by now, and asked for no more, is forgotten", () => {
  expect(stillAsked(tasks.slice(1), tasks.map(keyOf))).toEqual(tasks.slice(1).map(keyOf));
});
