import { describe, expect, it } from "vitest";
import { readDecimal } from "./decimal";

describe("a decimal", () => {
  it.each([
    ["2.5", 2.5],
    ["2,5", 2.5],
    [" 8 ", 8],
    ["2.", 2],
    [",75", 0.75],
    ["-3", -3],
    ["0", 0],
  ])("is read with a point or a comma: %s", (text, number) => expect(readDecimal(text)).toBe(number));

  it.each(["", "  "])("is nothing where nothing is typed", (text) => expect(readDecimal(text)).toBeNull());

  it.each(["1,000.5", "2.5 mm", "1e3", "0x10", "Infinity", "--2", ".", "٣"])("is not guessed: %s", (text) =>
    expect(readDecimal(text)).toBeUndefined(),
  );
});
