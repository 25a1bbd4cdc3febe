import type { Schemas } from "../client";

export type Task = Omit<Schemas["RunTaskDocument"], "side"> & { side: "a" | "b" };

/** A run, as it is asked for here. */
export const read = ({ tasks, waiting, ...rest }: Schemas["RunDocument"]) => ({
  ...rest,
  tasks: tasks.map((task): Task => ({ ...task, side: task.side ?? "a" })),
  waiting: waiting.map((end) => ({ ...end, side: end.side ?? "a" })),
});

/** What tells a task from every other of its enclosure. */
export const keyOf = ({ wireId, side, stage }: Task) => `${wireId} ${side} ${stage}`;

/** What is left to do, and how far it is: what was ticked off, and is not recorded yet, is done. */
export function progressOf(tasks: Task[], ticked: readonly string[]) {
  const done = new Set(ticked);
  const left = tasks.filter((task) => !done.has(keyOf(task)));
  return { now: left[0] ?? null, next: left.slice(1, 4), left: left.length, of: tasks.length };
}

/** Of what was ticked off only what is still asked for is worth remembering. */
export const stillAsked = (tasks: Task[], ticked: readonly string[]) => {
  const asked = new Set(tasks.map(keyOf));
  return ticked.filter((key) => asked.has(key));
};
