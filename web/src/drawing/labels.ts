import type { Schemas } from "../client";

/** What a dimension’s print measures, px. */
export const print = 16;

/** How wide print is, px: near enough to keep two labels apart (the face is about half as wide as high). */
const widthOf = (label: string) => label.length * print * 0.54;

/**
 * Where the labels of dimensions stand, in mm: in the middle of their line, pushed in where they would be cut off, and
 * a row further from the drawing where they would lie on one another.
 */
export function placeLabels(
  lines: readonly { line: Schemas["SceneDimension"]; label: string }[],
  pixel: number,
  left: number,
  right: number,
): { x: number; y: number }[] {
  const placed: { from: number; to: number; y: number }[] = [];
  return lines.map(({ line: { fromX, toX, y, partY }, label }) => {
    const half = (widthOf(label) / 2) * pixel;
    const x = Math.max(left + half, Math.min(right - half, (fromX + toX) / 2));
    const below = y > partY;
    const row = (print + 4) * pixel * (below ? 1 : -1);
    let at = below ? y + row : y - 7 * pixel;
    while (
      placed.some(
        (other) => Math.abs(other.y - at) < print * pixel && other.from < x + half && x - half < other.to,
      )
    )
      at += row;
    placed.push({ from: x - half, to: x + half, y: at });
    return { x, y: at };
  });
}
