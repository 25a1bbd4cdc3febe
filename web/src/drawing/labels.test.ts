import { expect, it } from "vitest";
import { placeLabels } from "./labels";

const line = (fromX: number, toX: number, y: number) => ({
  id: `${fromX}`,
  fromX,
  toX,
  y,
  partY: 0,
  label: { value: 0, unit: "mm", metric: "", imperial: "" },
});
const label = "38.1 mm (1 1/2 in)";

it("keeps a label in the middle of its line where there is room", () => {
  const at = placeLabels([{ line: line(0, 100, 10), label }], 0.1, 0, 100);
  expect(at).toEqual([{ x: 50, y: 12 }]);
});

it("puts one that would lie on another a row further off, on either side of the drawing", () => {
  const [one, two] = placeLabels(
    [
      { line: line(0, 100, 10), label },
      { line: line(100, 120, 10), label },
    ],
    1,
    -200,
    400,
  );
  expect([one?.y, two?.y]).toEqual([30, 50]);
  const above = placeLabels(
    [
      { line: line(0, 100, -10), label },
      { line: line(100, 120, -10), label },
    ],
    1,
    -200,
    400,
  );
  expect(above.map(({ y }) => y)).toEqual([-17, -37]);
});

it("pushes in what would be cut off", () => {
  const [at] = placeLabels([{ line: line(190, 200, 10), label }], 1, 0, 200);
  expect(at?.x).toBeLessThan(200 - label.length * 4);
});
