import type { ReactNode, RefObject } from "react";
import type { BoardIndex, Box } from "./boardModel";
import { DevicePaint } from "./DevicePaint";
import { RailPaint } from "./RailPaint";

/** A whole board, near enough to read, for paper and for files. */
export function BoardSheet({
  index,
  drawing,
  name,
  view,
  children,
}: {
  index: BoardIndex;
  drawing?: RefObject<SVGSVGElement | null>;
  name: string;
  /** The part of it that is shown, mm; all of it where that is left out. */
  view?: Pick<Box, "left" | "top" | "right" | "bottom">;
  /** What is drawn over it. */
  children?: ReactNode;
}) {
  const { left, top, right, bottom } = view ?? index.board.box;
  return (
    <svg
      ref={drawing}
      xmlns="http://www.w3.org/2000/svg"
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      width="100%"
      role="img"
      aria-label={`${name}, as it stands`}
      style={{ display: "block", fontFamily: "'Atkinson Hyperlegible Next', sans-serif" }}
      data-sheet={name}
    >
      {index.board.rails.map((rail) => (
        <g key={rail.box.top}>
          <RailPaint rail={rail} />
          {rail.devices.map((device) => (
            <DevicePaint
              key={`${device.name}${device.body.left}`}
              device={device}
              wires={index.wires}
              level="near"
              name={6}
              mark={4}
              fades={never}
            />
          ))}
        </g>
      ))}
      {children}
    </svg>
  );
}

const never = () => false;
