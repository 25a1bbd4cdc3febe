import type { BoardIndex, Slot } from "../drawing/devices/boardModel";
import { BoardSheet } from "../drawing/devices/BoardSheet";
import type { Dead, Pair } from "./deadApi";

const token = (name: string) => `var(--chakra-colors-${name})`;
const around = 30;

/** Where the tips go, drawn on the enclosure: what is measured bears a tick, what is next stands out. */
export function PointsDrawing({
  dead,
  index,
  next,
  done,
}: {
  dead: Dead;
  index: BoardIndex;
  /** The pair that is measured next. */
  next: Pair | null;
  /** Points of which every pair is measured. */
  done: ReadonlySet<string>;
}) {
  const slots = dead.points.flatMap((point, i) => {
    const slot = index.slots.find((one) => one.slot.id === point.landingId)?.slot;
    return slot ? [{ ...middle(slot), id: point.landingId, number: i + 1 }] : [];
  });
  if (slots.length === 0) return null;
  const earth = index.slots.find(({ slot }) => slot.id === dead.earth?.landingId)?.slot;
  const shown = earth ? [...slots, middle(earth)] : slots;
  const box = {
    left: Math.min(...shown.map(({ x }) => x)) - around,
    right: Math.max(...shown.map(({ x }) => x)) + around,
    top: Math.min(...shown.map(({ y }) => y)) - around,
    bottom: Math.max(...shown.map(({ y }) => y)) + around,
  };
  const radius = Math.max(3.4, (box.right - box.left) / 60);
  const points = spread(slots, radius * 2.2);
  const at = (id: string | null | undefined) => points.find((point) => point.id === id);
  const from = at(next?.from);
  // Of an enclosure whose earth nobody wired its symbol stands in the corner.
  const to =
    next &&
    (at(next.to) ?? (earth ? middle(earth) : { x: box.left + radius * 2, y: box.bottom - radius * 2 }));
  return (
    <BoardSheet index={index} name={dead.told.enclosure} view={box}>
      {points
        .filter(({ y, slot }) => y !== slot.y)
        .map(({ id, x, y, slot }) => (
          <line
            key={id}
            x1={slot.x}
            y1={slot.y}
            x2={x}
            y2={y}
            stroke={token("ink")}
            strokeWidth={radius / 6}
          />
        ))}
      {from && to && (
        <line
          x1={from.x}
          y1={from.y}
          x2={to.x}
          y2={to.y}
          stroke={token("copper")}
          strokeWidth={radius / 2.4}
          strokeDasharray={`${radius} ${radius / 2}`}
        />
      )}
      {next && !next.to && to && <Earth at={to} radius={radius} />}
      {points.map((point) => (
        <Mark
          key={point.id}
          at={point}
          radius={radius}
          text={done.has(point.id) ? "✓" : String(point.number)}
          isNext={point.id === next?.from || point.id === next?.to}
          isDone={done.has(point.id)}
        />
      ))}
    </BoardSheet>
  );
}

interface Placed {
  x: number;
  y: number;
  id: string;
  number: number;
}

/** Marks that would lie over each other, one below the other, each with its slot beside it. */
function spread(slots: Placed[], apart: number) {
  const placed: (Placed & { slot: { x: number; y: number } })[] = [];
  for (const slot of slots) {
    let { y } = slot;
    while (placed.some((other) => Math.hypot(other.x - slot.x, other.y - y) < apart)) y += apart / 2;
    placed.push({ ...slot, y, slot: { x: slot.x, y: slot.y } });
  }
  return placed;
}

const middle = ({ box }: Slot) => ({ x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 });

/** The earth, by IEC 60417-5017 (from memory). */
function Earth({ at: { x, y }, radius: r }: { at: { x: number; y: number }; radius: number }) {
  const bars = [0.75, 0.45, 0.15].map((half, i) => `M${-half * r} ${i * 0.32 * r}H${half * r}`);
  return (
    <g transform={`translate(${x} ${y})`} stroke={token("copper")} data-earth>
      <circle r={r * 1.25} fill={token("paper-raised")} strokeWidth={r / 3} />
      <path d={`M0 ${-0.75 * r}V0${bars.join("")}`} fill="none" strokeWidth={r / 6} />
    </g>
  );
}

function Mark({
  at,
  radius,
  text,
  isNext,
  isDone,
}: {
  at: { x: number; y: number };
  radius: number;
  text: string;
  isNext: boolean;
  isDone: boolean;
}) {
  const colour = token(isNext ? "copper" : isDone ? "go" : "ink");
  return (
    <g data-point={text} data-next={isNext || undefined}>
      <circle
        cx={at.x}
        cy={at.y}
        r={isNext ? radius * 1.25 : radius}
        fill={token("paper-raised")}
        stroke={colour}
        strokeWidth={radius / (isNext ? 3 : 5)}
      />
      <text
        x={at.x}
        y={at.y}
        dy="0.35em"
        textAnchor="middle"
        style={{ fontSize: radius * 1.3 }}
        fontWeight={700}
        fill={colour}
      >
        {text}
      </text>
    </g>
  );
}
