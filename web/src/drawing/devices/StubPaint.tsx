import { memo } from "react";
import { hueOf } from "../looks";
import { print, type BoardWire, type Stub } from "./boardModel";

const token = (name: string) => `var(--chakra-colors-${name})`;

/** How wide an end is drawn, mm. */
export const stubWidth = 2;

/** A conductor’s end: its insulation, striped where striped. */
export function StubPaint({
  stub,
  wire,
  wide = stubWidth,
}: {
  stub: Stub;
  wire: BoardWire | undefined;
  wide?: number;
}) {
  const line = { x1: stub.x, y1: stub.y, x2: stub.toX, y2: stub.toY };
  return (
    <>
      <line {...line} stroke={token("draw-steel-edge")} strokeWidth={wide + 0.5} />
      <line {...line} stroke={hueOf(wire?.hue)} strokeWidth={wide} />
      {wire?.stripe && (
        <line {...line} stroke={hueOf(wire.stripe)} strokeWidth={wide * 0.55} strokeDasharray="3 2.4" />
      )}
    </>
  );
}

/** What is printed along an end: beside it, read from below or from the right. */
export const StubPrint = memo(function StubPrint({
  stub,
  wire,
}: {
  stub: Stub;
  wire: BoardWire | undefined;
}) {
  const text = print(wire);
  if (!text) return null;
  const angle = (Math.atan2(stub.toY - stub.y, stub.toX - stub.x) * 180) / Math.PI;
  // Never upside down.
  const turned = angle > 91 || angle < -91;
  const [x, y] = turned ? [stub.toX, stub.toY] : [stub.x, stub.y];
  return (
    <text
      transform={`translate(${x} ${y}) rotate(${turned ? angle + 180 : angle})`}
      x={turned ? 1 : 2.2}
      y={-1.5}
      style={{ fontSize: 2.8 }}
      fill={token("ink")}
      stroke={token("paper-raised")}
      strokeWidth={0.7}
      paintOrder="stroke"
    >
      {text.length > 26 ? `${text.slice(0, 25)}…` : text}
    </text>
  );
});
