import type { Ordering } from "../drawing/devices/order";
import type { Carried } from "./useHands";
import { StubPaint } from "../drawing/devices/StubPaint";
import type { BoardIndex, Slot } from "../drawing/devices/boardModel";

const token = (name: string) => `var(--chakra-colors-${name})`;

/** What stands out of the rest: the wire that is pointed at with both its ends, the slot that is chosen, what is carried. */
export function Lit({
  index,
  wires,
  slot,
  looked,
  carried,
  ordering,
  picked,
  pixel,
}: {
  index: BoardIndex;
  /** Wires with both their ends: the one that is pointed at, or those of a way. */
  wires: string[];
  slot: Slot | null;
  /** Where an end would go, if what somebody looks at were taken. */
  looked: Slot | null;
  carried: Carried | null;
  /** A device on its way to another place. */
  ordering: Ordering | null;
  picked: string[];
  /** A pixel of the screen, mm. */
  pixel: number;
}) {
  const target = carried ? carried.over : looked;
  return (
    <g data-lit={wires.map((wire) => index.wires.get(wire)?.name).join(" ")}>
      {wires.map((wire) => (
        <LitWire key={wire} index={index} wire={wire} pixel={pixel} />
      ))}
      {picked.length > 0 &&
        index.slots.flatMap(({ slot: one }) =>
          one.stubs
            .filter((stub) => picked.includes(stub.wireId))
            .map((stub) => (
              <line
                key={stub.wireId + stub.side}
                data-picked
                x1={stub.x}
                y1={stub.y}
                x2={stub.toX}
                y2={stub.toY}
                stroke={token("focus")}
                strokeWidth={4.4}
                opacity={0.5}
              />
            )),
        )}
      {slot && (
        <rect
          x={slot.box.left - 0.6}
          y={slot.box.top - 0.6}
          width={slot.box.right - slot.box.left + 1.2}
          height={slot.box.bottom - slot.box.top + 1.2}
          fill="none"
          stroke={token("focus")}
          strokeWidth={Math.max(0.6, 3 * pixel)}
          data-chosen={slot.name}
        />
      )}
      {target && (
        <rect
          x={target.box.left}
          y={target.box.top}
          width={target.box.right - target.box.left}
          height={target.box.bottom - target.box.top}
          fill={token("draw-window")}
          stroke={token("go")}
          strokeWidth={2 * pixel}
          data-over={target.name}
        />
      )}
      {ordering && (
        <g data-ordering={ordering.device.name}>
          <rect
            x={ordering.device.body.left}
            y={ordering.device.body.top}
            width={ordering.device.body.right - ordering.device.body.left}
            height={ordering.device.body.bottom - ordering.device.body.top}
            fill={token("copper-wash")}
            opacity={0.6}
          />
          {ordering.at && (
            <line
              x1={ordering.at.x}
              x2={ordering.at.x}
              y1={ordering.at.top}
              y2={ordering.at.bottom}
              stroke={token("copper")}
              strokeWidth={5 * pixel}
            />
          )}
        </g>
      )}
      {carried && (
        <>
          <line
            x1={carried.stub.toX}
            y1={carried.stub.toY}
            x2={carried.x}
            y2={carried.y}
            stroke={token("copper")}
            strokeWidth={3 * pixel}
            strokeDasharray={`${8 * pixel} ${5 * pixel}`}
          />
          <circle cx={carried.x} cy={carried.y} r={6 * pixel} fill={token("copper")} />
        </>
      )}
    </g>
  );
}

/** A wire with both its ends, and the way between them. */
function LitWire({ index, wire, pixel }: { index: BoardIndex; wire: string; pixel: number }) {
  const of = index.wires.get(wire);
  const stubs = index.slots.flatMap(({ slot: one }) =>
    one.stubs.filter((stub) => stub.wireId === wire).map((stub) => ({ stub, one })),
  );
  const [first, second] = stubs;
  return (
    <g>
      {first && second && (
        // The way between its two ends, as a cable would hang.
        <path
          d={`M${first.stub.toX} ${first.stub.toY}C${first.stub.toX} ${(first.stub.toY + second.stub.toY) / 2} ${second.stub.toX} ${(first.stub.toY + second.stub.toY) / 2} ${second.stub.toX} ${second.stub.toY}`}
          fill="none"
          stroke={token("copper")}
          strokeWidth={Math.max(0.8, 1.5 * pixel)}
          strokeDasharray="4 2"
        />
      )}
      {stubs.map(({ stub, one }) => {
        const other = stub.side === "a" ? of?.b : of?.a;
        return (
          <g key={stub.side + one.id}>
            <line
              x1={stub.x}
              y1={stub.y}
              x2={stub.toX}
              y2={stub.toY}
              stroke={token("copper")}
              strokeWidth={3.4 + 2 * pixel}
              strokeLinecap="round"
            />
            <StubPaint stub={stub} wire={of} />
            {other?.enclosureId && (
              <text
                x={stub.toX}
                y={stub.toY + (stub.toY < stub.y ? -3 * pixel : 16 * pixel)}
                style={{ fontSize: 14 * pixel }}
                fontWeight={700}
                textAnchor="middle"
                fill={token("ink")}
                stroke={token("paper-raised")}
                strokeWidth={4 * pixel}
                paintOrder="stroke"
              >
                → {other.name}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
