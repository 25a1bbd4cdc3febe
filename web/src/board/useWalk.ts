import { useEffect, useRef, type KeyboardEvent } from "react";
import { next, type BoardIndex, type Slot, type Step, type Stub } from "../drawing/devices/boardModel";
import { devicesOf } from "../drawing/devices/order";
import type { BoardEyes } from "./useView";

const steps: Record<string, Step> = {
  ArrowLeft: "left",
  ArrowRight: "right",
  ArrowUp: "up",
  ArrowDown: "down",
};

/** The board by keyboard: from slot to slot, nearer and farther, opened; a device one place along. */
export function useWalk(
  index: BoardIndex,
  chosen: string | null,
  size: { width: number; height: number },
  { view, move, goTo, fit }: BoardEyes,
  does: {
    step: (by: number) => void;
    putBack: () => void;
    onOpen: () => void;
    onChoose: (slot: Slot, stub: Stub | null, more: boolean) => void;
    onReorder: (device: string, before: string | null) => void;
  },
) {
  // Where the arrows are: hands are faster than the address of the page.
  const walked = useRef(chosen);
  const onTheWay = useRef<string[]>([]);
  useEffect(() => {
    // A step of our own that the address has come to: the arrows may be further already.
    const come = chosen ? onTheWay.current.indexOf(chosen) : -1;
    if (come >= 0) {
      onTheWay.current.splice(0, come + 1);
      return;
    }
    onTheWay.current = [];
    walked.current = chosen;
  }, [chosen]);
  const { step, putBack, onOpen, onChoose, onReorder } = does;

  /** The device of the chosen slot, one place along. */
  const along = (arrow: "left" | "right") => {
    const devices = devicesOf(index);
    const here = devices.findIndex((device) => device.slots.some((one) => one.id === walked.current));
    const device = devices[here];
    const before = arrow === "left" ? devices[here - 1] : devices[here + 2];
    if (device?.id && (arrow === "right" ? devices[here + 1] : before)) {
      onReorder(device.id, before?.id ?? null);
    }
  };
  const walk = (arrow: Step) => {
    const slot = next(index, walked.current, arrow);
    if (!slot) return;
    if (slot.id === walked.current) return;
    walked.current = slot.id;
    onTheWay.current.push(slot.id);
    onChoose(slot, slot.stubs[0] ?? null, false);
    const { x, y, scale } = view.current;
    const { left, right, top, bottom } = slot.box;
    const [wide, high] = [size.width / scale, size.height / scale];
    if (left < x + 8 || right > x + wide - 8 || top < y + 8 || bottom > y + high - 8) goTo(slot.box, scale);
  };
  const look = (arrow: Step) => {
    const { x, y, scale } = view.current;
    const by = 60 / scale;
    move({
      x: x + (arrow === "left" ? -by : arrow === "right" ? by : 0),
      y: y + (arrow === "up" ? -by : arrow === "down" ? by : 0),
      scale,
    });
  };
  const pickOneMore = () => {
    const slot = index.slots.find((one) => one.slot.id === walked.current)?.slot;
    if (slot) onChoose(slot, slot.stubs[0] ?? null, true);
  };

  return (event: KeyboardEvent) => {
    const arrow = steps[event.key];
    if (arrow && event.altKey) look(arrow);
    else if ((arrow === "left" || arrow === "right") && event.shiftKey) along(arrow);
    else if (arrow && !event.shiftKey) walk(arrow);
    else if (event.key === "Enter" && event.shiftKey) pickOneMore();
    else if (event.key === "Enter" || event.key === " ") onOpen();
    else if (event.key === "+" || event.key === "=") step(1.4);
    else if (event.key === "-") step(1 / 1.4);
    else if (event.key === "0") fit();
    else if (event.key === "Escape") putBack();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
}
