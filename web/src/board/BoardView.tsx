import { Box as Area } from "@chakra-ui/react";
import { useEffect, useImperativeHandle, useMemo, useRef, useState, type Ref } from "react";
import {
  deviceAt,
  hit,
  next,
  slotAt,
  type BoardDevice,
  type BoardIndex,
  type Box,
  type Hit,
  type Slot,
  type Step,
  type Stub,
} from "./boardModel";
import { DevicePaint } from "./DevicePaint";
import { FarRail } from "./FarRail";
import { Lit } from "./Lit";
import { MiniMap } from "./MiniMap";
import { RailPaint } from "./RailPaint";
import { useSize } from "../shared/useSize";
import { levelOf, meets, seen, useView } from "./useView";

export interface Eyes {
  goTo: (box: Box) => void;
  /** Moves no more than it must. */
  show: (box: Box) => void;
  fit: () => void;
  nearer: () => void;
  farther: () => void;
}

/** A stub in the hand, on its way to a slot. */
export interface Carried {
  slot: Slot;
  stub: Stub;
  x: number;
  y: number;
  over: Slot | null;
}

/** Where a finger or the mouse came down, and on what. */
interface Pressed {
  x: number;
  y: number;
  hit: Hit | null;
  device: BoardDevice | null;
  moved: boolean;
}

/** A device in the hand, and where it would stand. */
export interface Ordering {
  device: BoardDevice;
  before: BoardDevice | null;
  /** Where it would stand, mm. */
  at: { x: number; top: number; bottom: number } | null;
}

const steps: Record<string, Step> = {
  ArrowLeft: "left",
  ArrowRight: "right",
  ArrowUp: "up",
  ArrowDown: "down",
};
const dragAfter = 5;

/**
 * The board itself: drawn from the core’s layout, moved with one hand, reached by keyboard. A plain drag moves the
 * board; a drag that begins on an end carries that end to another slot.
 */
export function BoardView({
  index,
  chosen,
  lit,
  looked,
  picked,
  fades,
  eyes,
  onChoose,
  onOpen,
  onPoint,
  onCarry,
  onDrop,
  onReorder,
}: {
  index: BoardIndex;
  chosen: string | null;
  lit: string | null;
  /** A slot that an end would go to. */
  looked: string | null;
  /** Wires that are picked to be changed together. */
  picked: string[];
  fades: (slot: Slot, stub: Stub) => boolean;
  eyes: Ref<Eyes>;
  onChoose: (slot: Slot, stub: Stub | null, more: boolean) => void;
  onOpen: () => void;
  onPoint: (at: Hit | null) => void;
  onCarry: (carried: Carried | null) => void;
  onDrop: (slot: Slot, stub: Stub, onto: Slot) => void;
  /** A device was carried to stand before another, or after the last. */
  onReorder: (device: string, before: string | null) => void;
}) {
  const [ref, size] = useSize<HTMLDivElement>();
  const { group, shown, view, move, zoom, fit, goTo, at } = useView(size, index.board.box);
  const [carried, setCarried] = useState<Carried | null>(null);
  const pointers = useRef(new Map<number, { x: number; y: number }>());
  const pressed = useRef<Pressed | null>(null);
  // Where the arrows are: hands are faster than the address of the page.
  const walked = useRef(chosen);
  useEffect(() => {
    walked.current = chosen;
  }, [chosen]);
  const [ordering, setOrdering] = useState<Ordering | null>(null);

  const slot = index.slots.find((one) => one.slot.id === chosen)?.slot;
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
    fit,
    nearer: () => step(1.4),
    farther: () => step(1 / 1.4),
  }));
  // The first look at an enclosure is all of it.
  const fitted = useRef("");
  useEffect(() => {
    if (size.width > 0 && fitted.current !== index.board.enclosureId) {
      fitted.current = index.board.enclosureId;
      fit();
    }
  }, [fit, index.board.enclosureId, size.width]);

  // React listens to wheels passively: a page that scrolls under a zoom is no zoom.
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      if (event.ctrlKey || !event.shiftKey) {
        zoom(
          Math.exp(-event.deltaY * (event.ctrlKey ? 0.01 : 0.0016)),
          event.clientX - box.left,
          event.clientY - box.top,
        );
      } else {
        const { x, y, scale } = view.current;
        move({ x: x + (event.deltaX + event.deltaY) / scale, y, scale });
      }
    };
    element.addEventListener("wheel", wheel, { passive: false });
    return () => element.removeEventListener("wheel", wheel);
  }, [move, ref, view, zoom]);

  const local = (event: React.PointerEvent) => {
    const box = ref.current?.getBoundingClientRect();
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
  };
  const reach = () => Math.max(1.4, 8 / view.current.scale);
  const find = (point: { x: number; y: number }) => {
    const { x, y } = at(point.x, point.y);
    return hit(index, x, y, reach());
  };
  const carry = (next: Carried | null) => {
    setCarried(next);
    onCarry(next);
  };

  const down = (event: React.PointerEvent) => {
    const point = local(event);
    pointers.current.set(event.pointerId, point);
    ref.current?.setPointerCapture(event.pointerId);
    const there = at(point.x, point.y);
    const found = find(point);
    pressed.current =
      pointers.current.size === 1
        ? { ...point, hit: found, device: found ? null : deviceAt(index, there.x, there.y), moved: false }
        : null;
  };
  const over = (event: React.PointerEvent) => {
    const point = local(event);
    const before = pointers.current.get(event.pointerId);
    if (!before) {
      onPoint(find(point));
      return;
    }
    const others = [...pointers.current].filter(([id]) => id !== event.pointerId).map(([, other]) => other);
    pointers.current.set(event.pointerId, point);
    const [other] = others;
    const { x, y, scale } = view.current;
    if (other) {
      // Two fingers: what is between them stays between them.
      const by =
        Math.hypot(point.x - other.x, point.y - other.y) /
        Math.max(1, Math.hypot(before.x - other.x, before.y - other.y));
      move({ x: x - (point.x - before.x) / 2 / scale, y: y - (point.y - before.y) / 2 / scale, scale });
      zoom(by, (point.x + other.x) / 2, (point.y + other.y) / 2);
      return;
    }
    const start = pressed.current;
    if (!start) return;
    if (!start.moved && Math.hypot(point.x - start.x, point.y - start.y) < dragAfter) return;
    start.moved = true;
    const stub = start.hit?.stub;
    if (start.hit && stub && levelOf(scale) !== "far") {
      const there = at(point.x, point.y);
      carry({ slot: start.hit.slot, stub, ...there, over: slotAt(index, there.x, there.y, 1) });
    } else if (start.device) {
      const there = at(point.x, point.y);
      setOrdering(placeFor(index, start.device, there.x, there.y));
    } else {
      move({ x: x - (point.x - before.x) / scale, y: y - (point.y - before.y) / scale, scale });
    }
  };
  const up = (event: React.PointerEvent) => {
    pointers.current.delete(event.pointerId);
    const start = pressed.current;
    pressed.current = null;
    if (carried) {
      if (carried.over && carried.over.id !== carried.slot.id)
        onDrop(carried.slot, carried.stub, carried.over);
      carry(null);
    } else if (ordering) {
      if (ordering.device.id && ordering.at) onReorder(ordering.device.id, ordering.before?.id ?? null);
      setOrdering(null);
    } else if (start && !start.moved && event.type === "pointerup") {
      if (!start.hit) return;
      // From afar a tap is a step nearer; near by it opens.
      if (levelOf(view.current.scale) === "far") goTo(start.hit.slot.box, 2.6);
      onChoose(start.hit.slot, start.hit.stub, event.ctrlKey || event.metaKey || event.shiftKey);
    }
  };

  const keys = (event: React.KeyboardEvent) => {
    const arrow = steps[event.key];
    const { x, y, scale } = view.current;
    if (arrow && event.altKey) {
      const by = 60 / scale;
      move({
        x: x + (arrow === "left" ? -by : arrow === "right" ? by : 0),
        y: y + (arrow === "up" ? -by : arrow === "down" ? by : 0),
        scale,
      });
    } else if ((arrow === "left" || arrow === "right") && event.shiftKey) {
      // The device of the chosen slot, one place along.
      const devices = devicesOf(index);
      const here = devices.findIndex((device) => device.slots.some((one) => one.id === chosen));
      const device = devices[here];
      const before = arrow === "left" ? devices[here - 1] : devices[here + 2];
      if (device?.id && (arrow === "right" ? devices[here + 1] : before)) {
        onReorder(device.id, before?.id ?? null);
      }
    } else if (event.key === "Enter" && event.shiftKey) {
      if (slot) onChoose(slot, slot.stubs[0] ?? null, true);
    } else if (arrow && !event.shiftKey) {
      const slot = next(index, walked.current, arrow);
      if (!slot) return;
      walked.current = slot.id;
      onChoose(slot, slot.stubs[0] ?? null, false);
      const { left, right, top, bottom } = slot.box;
      const [wide, high] = [size.width / scale, size.height / scale];
      if (left < x + 8 || right > x + wide - 8 || top < y + 8 || bottom > y + high - 8) goTo(slot.box, scale);
    } else if (event.key === "Enter" || event.key === " ") onOpen();
    else if (event.key === "+" || event.key === "=") step(1.4);
    else if (event.key === "-") step(1 / 1.4);
    else if (event.key === "0") fit();
    else if (event.key === "Escape" && carried) carry(null);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const level = levelOf(shown.scale);
  const window = seen(shown, size);
  const rails = useMemo(
    () => index.board.rails.filter((rail) => meets(rail.box, window)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the window is what is shown, by value
    [index.board.rails, window.left, window.top, window.right, window.bottom],
  );
  const name = Math.min(8, Math.max(3.4, 15 / shown.scale));
  return (
    <Area
      ref={ref}
      role="application"
      aria-label="The board. Arrows go from slot to slot, Enter opens, plus and minus go nearer and farther."
      tabIndex={0}
      position="relative"
      h={{ base: "56dvh", md: "calc(100dvh - 270px)" }}
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
      onPointerLeave={() => onPoint(null)}
      onKeyDown={keys}
      data-board={index.board.enclosureId}
      data-level={level}
    >
      <svg width={size.width} height={size.height} aria-hidden style={{ display: "block" }}>
        <g ref={group}>
          <g opacity={lit ? 0.55 : 1}>
            {rails.map((rail) => (
              <g key={rail.box.top}>
                <RailPaint rail={rail} />
                {level === "far" ? (
                  <FarRail
                    rail={rail}
                    wires={index.wires}
                    name={name}
                    mark={Math.max(3.6, Math.min(11, 9 / shown.scale))}
                    fades={fades}
                  />
                ) : (
                  rail.devices
                    .filter((device) => meets(grown(device.body), window))
                    .map((device) => (
                      <DevicePaint
                        key={`${device.name}${device.body.left}`}
                        device={device}
                        wires={index.wires}
                        level={level}
                        name={name}
                        fades={fades}
                      />
                    ))
                )}
              </g>
            ))}
          </g>
          <Lit
            index={index}
            wire={lit}
            slot={slot ?? null}
            looked={index.slots.find((one) => one.slot.id === looked)?.slot ?? null}
            carried={carried}
            ordering={ordering}
            picked={picked}
            pixel={1 / shown.scale}
          />
        </g>
      </svg>
      <MiniMap
        index={index}
        view={shown}
        size={size}
        onGo={(x, y) => goTo({ left: x, right: x, top: y, bottom: y } as Box, view.current.scale)}
      />
    </Area>
  );
}

/** A device with the room of its ends. */
const grown = ({ left, right, top, bottom }: Box) =>
  ({ left: left - 45, right: right + 45, top: top - 45, bottom: bottom + 45 }) as Box;

/** Every device that has a place in the order, each once. */
const devicesOf = (index: BoardIndex) =>
  index.board.rails
    .flatMap((rail) => rail.devices)
    .filter((device, i, all) => device.id && all.findIndex((other) => other.id === device.id) === i);

/** Where a device would stand that is let go at a point: before the device there, or after the last of the rail. */
function placeFor(index: BoardIndex, device: BoardDevice, x: number, y: number): Ordering {
  const rail = index.board.rails.find(({ box }) => y >= box.top - 5 && y <= box.bottom + 5);
  const standing = rail?.devices.filter((other) => other.id && other.id !== device.id) ?? [];
  const next = standing.find(({ body }) => x < (body.left + body.right) / 2);
  const last = standing.at(-1);
  const devices = devicesOf(index);
  const after = last ? devices[devices.findIndex((other) => other.id === last.id) + 1] : undefined;
  const place = next ?? last;
  return {
    device,
    before:
      next ?? (after?.id === device.id ? (devices[devices.indexOf(after) + 1] ?? null) : (after ?? null)),
    at: place
      ? {
          x: next ? place.body.left - 5 : place.body.right + 5,
          top: place.body.top - 6,
          bottom: place.body.bottom + 6,
        }
      : null,
  };
}
