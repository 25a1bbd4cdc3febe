import type { Schemas } from "../client";
import { print } from "./labels";

const arrow = 6;

/** A dimension line with its measure; sizes in pixels are turned into mm by the size of a pixel. */
export function DimensionLine({
  line,
  label,
  at,
  pixel,
}: {
  line: Schemas["SceneDimension"];
  label: string;
  /** Where its label stands. */
  at: { x: number; y: number };
  pixel: number;
}) {
  const below = line.y > line.partY;
  const { fromX, toX, y, partY } = line;
  const head = arrow * pixel;
  return (
    <g data-dimension={line.id} stroke="var(--chakra-colors-ink-soft)" strokeWidth={1.2 * pixel} fill="none">
      <path
        d={`M${fromX} ${partY}V${y + (below ? 4 : -4) * pixel}M${toX} ${partY}V${y + (below ? 4 : -4) * pixel}`}
        opacity={0.6}
      />
      <path d={`M${fromX} ${y}H${toX}`} />
      <path
        d={`M${fromX + head} ${y - head / 2}L${fromX} ${y}l${head} ${head / 2}M${toX - head} ${y - head / 2}L${toX} ${y}l${-head} ${head / 2}`}
      />
      <text
        {...at}
        style={{ fontSize: `${print * pixel}px` }}
        textAnchor="middle"
        // It may lie on a conductor: paper round each letter keeps it legible.
        paintOrder="stroke"
        stroke="var(--chakra-colors-paper-raised)"
        strokeWidth={4 * pixel}
        strokeLinejoin="round"
        fill="var(--chakra-colors-ink)"
        fontWeight={600}
      >
        {label}
      </text>
    </g>
  );
}
