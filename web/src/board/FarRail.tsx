import { memo } from "react";
import { BoxedText, DeviceMark, hueOf, stubWidth } from "./DevicePaint";
import type { BoardRail, BoardWire, Box, Slot, Stub } from "./boardModel";
import { Mark } from "./signs";

const token = (name: string) => `var(--chakra-colors-${name})`;

const rectangle = ({ left, top, right, bottom }: Box) => `M${left} ${top}H${right}V${bottom}H${left}Z`;

/** A rail seen from afar: as few paths as it has colours, its devices by name, and where something is wrong. */
export const FarRail = memo(function FarRail({
  rail,
  wires,
  name,
  mark,
  fades,
}: {
  rail: BoardRail;
  wires: Map<string, BoardWire>;
  /** How large names are printed, mm. */
  name: number;
  /** How large marks are, mm. */
  mark: number;
  fades: (slot: Slot, stub: Stub) => boolean;
}) {
  const stubs = new Map<string, string>();
  const slots: string[] = [];
  const marks: { slot: Slot; severity: NonNullable<Slot["worst"]> }[] = [];
  for (const slot of rail.devices.flatMap((device) => device.slots)) {
    slots.push(rectangle(slot.box));
    if (slot.worst && slot.worst !== "note") marks.push({ slot, severity: slot.worst });
    for (const stub of slot.stubs) {
      const key = `${wires.get(stub.wireId)?.hue ?? "unknown"}${fades(slot, stub) ? " faded" : ""}`;
      stubs.set(key, `${stubs.get(key) ?? ""}M${stub.x} ${stub.y}L${stub.toX} ${stub.toY}`);
    }
  }
  return (
    <g>
      {[...stubs].map(([key, path]) => (
        <g key={key} opacity={key.endsWith(" faded") ? 0.16 : 1}>
          <path d={path} stroke={token("draw-steel-edge")} strokeWidth={stubWidth + 0.5} fill="none" />
          <path d={path} stroke={hueOf(key.replace(" faded", ""))} strokeWidth={stubWidth} fill="none" />
        </g>
      ))}
      <path
        d={rail.devices.map((device) => rectangle(device.body)).join("")}
        fill={token("draw-body")}
        stroke={token("draw-steel-edge")}
        strokeWidth={0.4}
      />
      <path d={slots.join("")} fill="none" stroke={token("draw-steel-edge")} strokeWidth={0.2} />
      {rail.devices.map((device, i) => (
        <BoxedText key={`${device.name}${i}`} text={device.name} box={device.label} size={name} bold />
      ))}
      {rail.devices.map((device, i) => (
        <DeviceMark key={`${device.name}${i}`} device={device} size={mark} />
      ))}
      {marks.map(({ slot, severity }) => (
        <Mark
          key={slot.id}
          severity={severity}
          x={(slot.box.left + slot.box.right) / 2}
          y={slot.box.top + mark / 2}
          size={mark}
        />
      ))}
    </g>
  );
});
