import { DevicePaint } from "./DevicePaint";
import type { BoardDevice, BoardWire, Slot } from "./boardModel";

const never = () => false;
/** How much of the ends is shown round a device, mm. */
const round = 16;
/** How large a strip is drawn at most, px a mm. */
const largest = 4.5;

/** One device as it stands, with its ends; a click in a slot says which. */
export function DevicePicture({
  device,
  wires,
  onSlot,
}: {
  device: BoardDevice;
  wires: Map<string, BoardWire>;
  onSlot: (slot: Slot) => void;
}) {
  const { left, right, top, bottom } = device.body;
  const [wide, high] = [right - left + 2 * round, bottom - top + 2 * round];
  return (
    <svg
      preserveAspectRatio="xMinYMid"
      viewBox={`${left - round} ${top - round} ${wide} ${high}`}
      width="100%"
      style={{ display: "block", maxWidth: wide * largest, maxHeight: 260 }}
      role="img"
      aria-label={`${device.name}, as it stands`}
      data-picture={device.name}
    >
      <DevicePaint
        device={device}
        wires={wires}
        level="near"
        name={6}
        mark={4}
        fades={never}
        hasPrint={false}
      />
      {device.slots.map((slot) => (
        // The same is reached by keyboard through the marks below.
        <rect
          key={slot.id}
          x={slot.box.left}
          y={slot.box.top}
          width={slot.box.right - slot.box.left}
          height={slot.box.bottom - slot.box.top}
          fill="transparent"
          style={{ cursor: "pointer" }}
          onClick={() => onSlot(slot)}
        />
      ))}
    </svg>
  );
}
