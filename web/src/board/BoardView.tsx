import { Box as Area } from "@chakra-ui/react";
import { memo, useEffect, useImperativeHandle, useMemo, useRef, type Ref } from "react";
import type { BoardIndex, Box, Slot, Stub } from "../drawing/devices/boardModel";
import { DevicePaint } from "../drawing/devices/DevicePaint";
import { Lit } from "./Lit";
import { MiniMap } from "./MiniMap";
import { RailPaint } from "../drawing/devices/RailPaint";
import { useSize } from "../shared/useSize";
import { ZoomButtons } from "./ZoomButtons";
import { useHands, type HandsDo } from "./useHands";
import { levelOf, margin, meets, seen, useView, type BoardEyes } from "./useView";
import { useWalk } from "./useWalk";

export interface Eyes {
  goTo: (box: Box) => void;
  /** Moves no more than it must. */
  show: (box: Box) => void;
}

/**
 * The board itself: drawn from the core’s layout, moved with one hand, reached by keyboard. A plain drag moves the
 * board; a drag that begins on an end carries that end to another slot.
 */
export const BoardView = memo(function BoardView({
  index,
  chosen,
  lit,
  looked,
  picked,
  fades,
  eyes,
  ...does
}: HandsDo & {
  index: BoardIndex;
  chosen: string | null;
  /** Wires that stand out of the rest. */
  lit: string[];
  /** A slot that an end would go to. */
  looked: string | null;
  /** Wires that are picked to be changed together. */
  picked: string[];
  fades: (slot: Slot, stub: Stub) => boolean;
  eyes: Ref<Eyes>;
  onOpen: () => void;
}) {
  const [ref, size] = useSize<HTMLDivElement>();
  const eye = useView(size, index.board.box);
  const { sheet, shown, view, fit, goTo } = eye;

  const slot = index.slots.find((one) => one.slot.id === chosen)?.slot;
  const step = useEyes(eyes, eye, slot, size);
  useFirstLook(index.board.enclosureId, size.width, fit);

  const { carried, ordering, carry, down, over, up } = useHands(ref, index, eye, does);
  const keys = useWalk(index, chosen, size, eye, { ...does, step, putBack: () => carry(null) });

  const [besideX, besideY] = [size.width * margin, size.height * margin];
  const level = levelOf(shown.scale);
  const window = seen(shown, size);
  const rails = useMemo(
    () => index.board.rails.filter((rail) => meets(rail.box, window)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the window is what is shown, by value
    [index.board.rails, window.left, window.top, window.right, window.bottom],
  );
  return (
    <Area
      ref={ref}
      role="application"
      aria-label="The board. Arrows go from slot to slot, Enter opens, plus and minus zoom."
      tabIndex={0}
      position="relative"
      h={{ base: "56dvh", md: "calc(100dvh - 186px)" }}
      minH="320px"
      borderWidth="1px"
      borderColor="line"
      rounded="md"
      bg="paper.raised"
      overflow="hidden"
      cursor={carried ? "grabbing" : "grab"}
      css={{ touchAction: "none", userSelect: "none" }}
      onPointerDown={down}
      onPointerMove={over}
      onPointerUp={up}
      onPointerCancel={up}
      onPointerLeave={() => does.onPoint(null)}
      onKeyDown={keys}
      data-board={index.board.enclosureId}
      data-level={level}
      data-sequence={index.board.sequence}
    >
      <svg
        ref={sheet}
        width={size.width + 2 * besideX}
        height={size.height + 2 * besideY}
        aria-hidden
        style={{
          position: "absolute",
          left: -besideX,
          top: -besideY,
          transformOrigin: `${besideX}px ${besideY}px`,
          // Drawn once and moved as it is while a hand moves it.
          willChange: "transform",
        }}
      >
        <g
          transform={`translate(${besideX} ${besideY}) scale(${shown.scale}) translate(${-shown.x} ${-shown.y})`}
          data-drawn
        >
          <g opacity={lit.length > 0 ? 0.55 : 1}>
            <Rails
              rails={rails}
              window={window}
              index={index}
              level={level}
              scale={shown.scale}
              fades={fades}
            />
          </g>
          <Lit
            index={index}
            wires={lit}
            slot={slot ?? null}
            looked={index.slots.find((one) => one.slot.id === looked)?.slot ?? null}
            carried={carried}
            ordering={ordering}
            picked={picked}
            pixel={1 / shown.scale}
          />
        </g>
      </svg>
      <ZoomButtons onIn={() => step(1.4)} onOut={() => step(1 / 1.4)} onFit={fit} />
      <MiniMap
        index={index}
        view={shown}
        size={size}
        onGo={(x, y) => goTo({ left: x, right: x, top: y, bottom: y } as Box, view.current.scale)}
      />
    </Area>
  );
});

/** What stands round the board may ask of its eye; and a step nearer or farther. */
function useEyes(
  eyes: Ref<Eyes>,
  { view, zoom, goTo }: BoardEyes,
  slot: Slot | undefined,
  size: { width: number; height: number },
) {
  /** Nearer or farther, to what is chosen where it is in sight, else to the middle. */
  const step = (by: number) => {
    const { x, y, scale } = view.current;
    const { left, right, top, bottom } = slot?.box ?? { left: 0, right: 0, top: 0, bottom: 0 };
    const [px, py] = [((left + right) / 2 - x) * scale, ((top + bottom) / 2 - y) * scale];
    const inSight = px >= 0 && py >= 0 && px <= size.width && py <= size.height;
    if (slot && inSight) goTo(slot.box, scale * by);
    else zoom(by, size.width / 2, size.height / 2);
  };
  useImperativeHandle(eyes, () => ({
    goTo,
    show: (box) => {
      const { x, y, scale } = view.current;
      const [wide, high] = [size.width / scale, size.height / scale];
      if (box.left < x || box.right > x + wide || box.top < y || box.bottom > y + high) goTo(box, scale);
    },
  }));
  return step;
}

/** The first look at an enclosure is all of it. */
function useFirstLook(enclosure: string, width: number, fit: () => void) {
  const fitted = useRef("");
  useEffect(() => {
    if (width > 0 && fitted.current !== enclosure) {
      fitted.current = enclosure;
      fit();
    }
  }, [fit, enclosure, width]);
}

/** The rails that are in sight, with the devices of them that are. */
const Rails = memo(function Rails({
  rails,
  window,
  index,
  level,
  scale,
  fades,
}: {
  rails: BoardIndex["board"]["rails"];
  window: Box;
  index: BoardIndex;
  level: ReturnType<typeof levelOf>;
  scale: number;
  fades: (slot: Slot, stub: Stub) => boolean;
}) {
  // In steps, so that a small step nearer does not paint every device anew.
  const name = halves(Math.min(30, Math.max(3.4, 14 / scale)));
  const mark = halves(Math.min(11, Math.max(3.6, 9 / scale)));
  return (
    <>
      {rails.map((rail) => (
        <g key={rail.box.top}>
          <RailPaint rail={rail} />
          {rail.devices
            .filter((device) => meets(grown(device.body), window))
            .map((device) => (
              <DevicePaint
                key={`${device.name}${device.body.left}`}
                device={device}
                wires={index.wires}
                level={level}
                name={name}
                mark={mark}
                fades={fades}
              />
            ))}
        </g>
      ))}
    </>
  );
});

const halves = (mm: number) => Math.round(mm * 2) / 2;

/** A device with the room of its ends. */
const grown = ({ left, right, top, bottom }: Box) =>
  ({ left: left - 45, right: right + 45, top: top - 45, bottom: bottom + 45 }) as Box;
