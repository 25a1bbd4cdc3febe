import { memo } from "react";
import { hueOf } from "../looks";
import { ScenePaint } from "../ScenePaint";
import { type BoardDevice, type BoardWire, type Box, type Level, type Slot, type Stub } from "./boardModel";
import { StubPrint, stubWidth } from "./StubPaint";
import { besideSlot, rectangle, ring, statesAlike, stubsAlike } from "./paths";
import { Mark, OlderPlan, StateSigns } from "./signs";

const token = (name: string) => `var(--chakra-colors-${name})`;
const middle = ({ left, right, top, bottom }: Box) => [(left + right) / 2, (top + bottom) / 2] as const;

/** A name in its box, turned where the box is taller than wide, never larger than the box lets it be. */
function BoxedText({
  text,
  box,
  size,
  bold = false,
}: {
  text: string;
  box: Box;
  size: number;
  bold?: boolean;
}) {
  const [x, y] = middle(box);
  const tall = box.bottom - box.top > box.right - box.left;
  const [long, across] = tall
    ? [box.bottom - box.top, box.right - box.left]
    : [box.right - box.left, box.bottom - box.top];
  const fitting = Math.min(size, across * 0.8, (long / Math.max(1, text.length)) * 1.75);
  const shown = fitting < size * 0.5 && text.length > 12 ? `${text.slice(0, 11)}…` : text;
  const font = Math.min(size, across * 0.8, (long / Math.max(1, shown.length)) * 1.75);
  return (
    <text
      transform={`translate(${x} ${y})${tall ? " rotate(-90)" : ""}`}
      textAnchor="middle"
      dominantBaseline="central"
      style={{ fontSize: font }}
      fontWeight={bold ? 700 : 400}
      fill={token("ink")}
      stroke={token("draw-body")}
      strokeWidth={font * 0.22}
      paintOrder="stroke"
      direction="ltr"
      unicodeBidi="plaintext"
    >
      {shown}
    </text>
  );
}

/** What is printed at a slot: its mark, and how many more ends it has than are drawn. */
const SlotPrint = memo(function SlotPrint({ slot, form }: { slot: Slot; form: BoardDevice["form"] }) {
  const { top, bottom } = slot.box;
  return (
    <g data-slot={slot.name}>
      {form !== "joint" && (
        <BoxedText
          text={slot.mark}
          size={3}
          box={form === "strip" ? { ...slot.box, top: top + 13, bottom: bottom - 13 } : outside(slot, form)}
        />
      )}
      {slot.more > 0 && (
        <text
          x={middle(slot.box)[0]}
          y={bottom + 3.4}
          style={{ fontSize: 3 }}
          textAnchor="middle"
          fill={token("ink")}
        >
          +{slot.more}
        </text>
      )}
    </g>
  );
});

/** The frames of slots, and the screws of a strip. */
function Slots({ device, screws }: { device: BoardDevice; screws: boolean }) {
  const { form, slots } = device;
  if (form !== "strip" && form !== "breaker" && form !== "machine") return null;
  return (
    <>
      <path
        d={slots.map((slot) => rectangle(slot.box)).join("")}
        fill="none"
        stroke={token("draw-steel-edge")}
        strokeWidth={0.2}
      />
      {screws && form === "strip" && (
        <path
          d={slots
            .map(({ box }) => {
              const r = Math.min(2, (box.right - box.left) * 0.36);
              const [x] = middle(box);
              return ring(x, box.top + 7, r) + ring(x, box.bottom - 7, r);
            })
            .join("")}
          fill={token("draw-steel")}
        />
      )}
    </>
  );
}

/** A device’s own parts, or the bridges that lie over its slots: those are seen from afar too. */
const Parts = ({ device, bridges, hidden }: { device: BoardDevice; bridges: boolean; hidden: boolean }) =>
  !hidden &&
  device.parts
    .filter(({ kind }) => (kind === "bridge") === bridges)
    .map((part) => (
      <ScenePaint key={part.id} part={{ ...part, lineWidth: null }} metal="copper" pixel={0.25} />
    ));

/** Where a slot’s mark stands: inside the body beside a screw, or in the slot itself. */
function outside(slot: Slot, form: BoardDevice["form"]): Box {
  const { left, right, top, bottom } = slot.box;
  if (form !== "from-behind") return slot.box;
  const out = slot.stubs[0] ? slot.stubs[0].toX - slot.stubs[0].x : 0;
  // The end leaves on one side; the mark stands on the other.
  return out < -1
    ? { ...slot.box, left: right, right: right + 14 }
    : out > 1
      ? { ...slot.box, left: left - 14, right: left }
      : { ...slot.box, top: top - 5, bottom: bottom - 9 };
}

/** What was found about a device as a whole, at the corner of its name. */
function DeviceMark({ device, size }: { device: BoardDevice; size: number }) {
  const { right, top } = device.label;
  return (
    device.worst && (
      <g data-device-mark={device.name}>
        <Mark severity={device.worst} x={right - size / 2} y={top + size / 2} size={size} />
      </g>
    )
  );
}

/** The insulation of a device’s ends. */
function Ends({ device, wires, fades }: Pick<Painted, "device" | "wires" | "fades">) {
  return stubsAlike(device.slots, wires, fades).map(({ hue, stripe, faded, path }) => (
    <g key={`${hue} ${stripe} ${faded}`} opacity={faded ? 0.16 : 1} data-faded={faded || undefined}>
      <path d={path} stroke={token("draw-steel-edge")} strokeWidth={stubWidth + 0.5} fill="none" />
      <path d={path} stroke={hueOf(hue)} strokeWidth={stubWidth} fill="none" />
      {stripe && (
        <path
          d={path}
          stroke={hueOf(stripe)}
          strokeWidth={stubWidth * 0.55}
          strokeDasharray="3 2.4"
          fill="none"
        />
      )}
    </g>
  ));
}

/** How far a device’s ends are. */
function States({ device, fades }: Pick<Painted, "device" | "fades">) {
  const older = device.slots.flatMap((slot) => slot.stubs.filter((stub) => stub.olderPlan));
  return (
    <>
      {statesAlike(device.slots, fades).map(({ state, faded, at }) => (
        <g key={`${state} ${faded}`} opacity={faded ? 0.16 : 1}>
          <StateSigns state={state} at={at} r={1.25} />
        </g>
      ))}
      {older.length > 0 && <OlderPlan at={older.map(besideSlot)} r={1.6} />}
    </>
  );
}

interface Painted {
  device: BoardDevice;
  wires: Map<string, BoardWire>;
  level: Level;
  /** How large its name is printed, mm. */
  name: number;
  /** How large marks of findings are, mm. */
  mark: number;
  /** Whether an end is not among those that are asked for. */
  fades: (slot: Slot, stub: Stub) => boolean;
  /** Whether what is printed along its wires is read, near by. */
  hasPrint?: boolean;
}

/** A device with its slots and ends, as near as the eye is: from afar no screws, states and notes; near by in print. */
export const DevicePaint = memo(function DevicePaint(painted: Painted) {
  const { device, wires, level, name, mark, fades, hasPrint = true } = painted;
  const far = level === "far";
  const marked = device.slots.filter(({ worst }) => worst && !(far && worst === "note"));
  return (
    <g data-device={device.name}>
      <Ends {...painted} />
      {level === "near" &&
        hasPrint &&
        device.slots.map((slot) =>
          slot.stubs.map((stub) => (
            <g key={stub.wireId + stub.side} opacity={fades(slot, stub) ? 0.16 : 1}>
              <StubPrint stub={stub} wire={wires.get(stub.wireId)} />
            </g>
          )),
        )}
      {far && (
        <path
          d={rectangle(device.body)}
          fill={token("draw-body")}
          stroke={token("draw-steel-edge")}
          strokeWidth={0.4}
        />
      )}
      <Parts device={device} bridges={false} hidden={far} />
      <Slots device={device} screws={!far} />
      <Parts device={device} bridges hidden={false} />
      {level === "near" &&
        device.slots.map((slot) => <SlotPrint key={slot.id} slot={slot} form={device.form} />)}
      <BoxedText text={device.name} box={far ? device.body : device.label} size={name} bold />
      {device.worst && <DeviceMark device={device} size={far ? mark : 4.6} />}
      {!far && <States {...painted} />}
      {marked.map((slot) => (
        <Mark
          key={slot.id}
          severity={slot.worst ?? "note"}
          x={middle(slot.box)[0]}
          y={slot.box.top + (far ? mark / 2 : 2.6)}
          size={far ? mark : 4}
        />
      ))}
    </g>
  );
}, isSame);

/** A device is painted again where it, one of its wires, or the way it is looked at has changed. */
function isSame(before: Painted, after: Painted): boolean {
  return (
    before.device === after.device &&
    before.level === after.level &&
    before.name === after.name &&
    (before.mark === after.mark || after.level !== "far") &&
    before.fades === after.fades &&
    after.device.slots.every((slot) =>
      slot.stubs.every(({ wireId }) => before.wires.get(wireId) === after.wires.get(wireId)),
    )
  );
}
