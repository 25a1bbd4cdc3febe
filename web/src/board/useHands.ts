import { useEffect, useRef, useState, type RefObject } from "react";
import {
  deviceAt,
  hit,
  slotAt,
  type BoardDevice,
  type BoardIndex,
  type Hit,
  type Slot,
  type Stub,
} from "../drawing/devices/boardModel";
import { placeFor, type Ordering } from "../drawing/devices/order";
import { levelOf, type BoardEyes } from "./useView";

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

const dragAfter = 5;

export interface HandsDo {
  onChoose: (slot: Slot, stub: Stub | null, more: boolean) => void;
  onPoint: (at: Hit | null) => void;
  onCarry: (carried: Carried | null) => void;
  onDrop: (slot: Slot, stub: Stub, onto: Slot) => void;
  /** A device was carried to stand before another, or after the last. */
  onReorder: (device: string, before: string | null) => void;
}

/**
 * Mouse and fingers on the board. A plain drag moves it; a drag that begins on an end carries that end to another slot,
 * and one that begins on a device’s name carries the device to another place.
 */
export function useHands(
  ref: RefObject<HTMLDivElement | null>,
  index: BoardIndex,
  { view, move, zoom, goTo, at }: BoardEyes,
  { onChoose, onPoint, onCarry, onDrop, onReorder }: HandsDo,
) {
  const [carried, setCarried] = useState<Carried | null>(null);
  const [ordering, setOrdering] = useState<Ordering | null>(null);
  const pointers = useRef(new Map<number, { x: number; y: number }>());
  const pressed = useRef<Pressed | null>(null);

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

  return { carried, ordering, carry, down, over, up };
}
