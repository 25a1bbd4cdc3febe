import { Box as Area } from "@chakra-ui/react";
import { memo } from "react";
import type { BoardIndex } from "../drawing/devices/boardModel";
import { rectangle } from "../drawing/devices/paths";
import type { View } from "./useView";

const token = (name: string) => `var(--chakra-colors-${name})`;
const height = 150;
const widest = 130;

const Bodies = memo(function Bodies({ index }: { index: BoardIndex }) {
  const wrong = index.slots
    .filter(({ slot }) => slot.worst === "stop")
    .map(({ slot }) => rectangle(slot.box));
  return (
    <>
      <path
        d={index.board.rails.flatMap((rail) => rail.devices.map((device) => rectangle(device.body))).join("")}
        fill={token("draw-steel")}
      />
      <path d={wrong.join("")} stroke={token("stop")} strokeWidth={5} fill={token("stop")} />
    </>
  );
});

/** All of a tall board in a corner: where the window is, where the stops are; a tap goes there. */
export function MiniMap({
  index,
  view,
  size,
  onGo,
}: {
  index: BoardIndex;
  view: View;
  size: { width: number; height: number };
  onGo: (x: number, y: number) => void;
}) {
  const { box } = index.board;
  const [wide, high] = [box.right - box.left, box.bottom - box.top];
  // What is seen whole needs no map.
  if (size.width === 0 || (size.width / view.scale >= wide * 0.95 && size.height / view.scale >= high * 0.95))
    return null;
  const scale = Math.min(height / high, widest / wide);
  return (
    <Area
      position="absolute"
      right={2}
      top={2}
      bg="paper"
      borderWidth="1px"
      borderColor="line.strong"
      rounded="sm"
      opacity={0.94}
      display={{ base: "none", md: "block" }}
      onPointerDown={(event) => {
        event.stopPropagation();
        const at = event.currentTarget.getBoundingClientRect();
        onGo(box.left + (event.clientX - at.left) / scale, box.top + (event.clientY - at.top) / scale);
      }}
      data-mini-map
    >
      <svg
        width={wide * scale}
        height={high * scale}
        viewBox={`${box.left} ${box.top} ${wide} ${high}`}
        aria-hidden
        style={{ display: "block" }}
      >
        <Bodies index={index} />
        <rect
          x={view.x}
          y={view.y}
          width={size.width / view.scale}
          height={size.height / view.scale}
          fill="none"
          stroke={token("copper")}
          strokeWidth={2 / scale}
        />
      </svg>
    </Area>
  );
}
