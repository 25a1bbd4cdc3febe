import type { BoardRail } from "./boardModel";

/** The mounting rail behind its devices. */
export function RailPaint({ rail }: { rail: BoardRail }) {
  const body = rail.devices[0]?.body;
  if (rail.kind !== "rail" || !body) return null;
  return (
    <rect
      x={rail.box.left - 6}
      y={(body.top + body.bottom) / 2 - 9}
      width={rail.box.right - rail.box.left + 12}
      height={18}
      fill="var(--chakra-colors-draw-rail)"
    />
  );
}
