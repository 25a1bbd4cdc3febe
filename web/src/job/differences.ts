import type { Part } from "./jobApi";
import { fieldWord } from "./partFields";

const say = (value: unknown): string =>
  value === null || value === undefined || value === ""
    ? "—"
    : typeof value === "object"
      ? Object.entries(value)
          .filter(([, one]) => one !== null && one !== false && one !== "")
          .map(([name, one]): string => `${fieldWord(name)} ${say(one)}`)
          .join(", ")
      : String(value);

/** What two states of a part differ in, in words; a part that is not there has nothing to say. */
export function differences(one: Part | null, other: Part | null) {
  const [left, right] = [one, other].map((part) => (part ?? {}) as Record<string, unknown>);
  return [...new Set([...Object.keys(left ?? {}), ...Object.keys(right ?? {})])]
    .filter((name) => !/id$|^part$|^order$/i.test(name))
    .map((name) => ({ name: fieldWord(name), one: say(left?.[name]), other: say(right?.[name]) }))
    .filter((line) => line.one !== line.other);
}
