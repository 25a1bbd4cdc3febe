import type { Schemas } from "../client";
import { inOrder, thin, useUnits } from "../shared/Units";

const text = 16;
const arrow = 6;

/** A dimension line with its measure; sizes in pixels are turned into mm by the size of a pixel. */
export function DimensionLine({ line, pixel }: { line: Schemas["SceneDimension"]; pixel: number }) {
  const { lead } = useUnits();
  const [first, second] = inOrder(line.label, lead);
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
        x={(fromX + toX) / 2}
        y={below ? y + (text + 4) * pixel : y - 7 * pixel}
        style={{ fontSize: `${text * pixel}px` }}
        textAnchor="middle"
        stroke="none"
        fill="var(--chakra-colors-ink)"
        fontWeight={600}
      >
        {thin(first === second ? first : `${first} (${second})`)}
      </text>
    </g>
  );
}
