import { useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { Box } from "./boardModel";

/** What is seen of a board: the point at the window’s corner, mm, and px a mm. */
export interface View {
  x: number;
  y: number;
  scale: number;
}

const least = 0.15;
const most = 14;
const settleAfter = 110;

/** Below the first, a board is seen from afar; from the second on, what is printed on it can be read. */
export const levels = { middle: 1.7, near: 5.2 };
export type Level = "far" | "middle" | "near";
export const levelOf = (scale: number): Level =>
  scale < levels.middle ? "far" : scale < levels.near ? "middle" : "near";

/**
 * Pans and zooms a group of an SVG. While a hand moves, only the group’s transform changes; what is mounted follows when
 * the view comes to its edge, or to rest.
 */
export function useView(size: { width: number; height: number }, box: Box) {
  const group = useRef<SVGGElement>(null);
  const [shown, setShown] = useState<View>({ x: box.left, y: box.top, scale: 1 });
  const view = useRef<View>(shown);
  const frame = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const mounted = useRef(shown);

  const apply = useCallback(() => {
    const { x, y, scale } = view.current;
    group.current?.setAttribute("transform", `scale(${scale}) translate(${-x} ${-y})`);
  }, []);
  useLayoutEffect(apply);

  const settle = useCallback(() => {
    mounted.current = view.current;
    setShown(view.current);
  }, []);

  const move = useCallback(
    (to: View, atOnce = false) => {
      view.current = { ...to, scale: Math.max(least, Math.min(most, to.scale)) };
      cancelAnimationFrame(frame.current);
      frame.current = requestAnimationFrame(() => {
        apply();
        const was = mounted.current;
        const [wide, high] = [size.width / was.scale, size.height / was.scale];
        const left =
          Math.abs(view.current.x - was.x) > wide * 0.4 || Math.abs(view.current.y - was.y) > high * 0.4;
        if (atOnce || left || levelOf(was.scale) !== levelOf(view.current.scale)) settle();
      });
      clearTimeout(timer.current);
      timer.current = setTimeout(settle, settleAfter);
    },
    [apply, settle, size.height, size.width],
  );
  useEffect(
    () => () => {
      cancelAnimationFrame(frame.current);
      clearTimeout(timer.current);
    },
    [],
  );

  /** Nearer or farther by a factor, round a point of the window, px. */
  const zoom = useCallback(
    (by: number, px: number, py: number) => {
      const { x, y, scale } = view.current;
      const to = Math.max(least, Math.min(most, scale * by));
      move({ x: x + px / scale - px / to, y: y + py / scale - py / to, scale: to });
    },
    [move],
  );

  /** All of it. */
  const fit = useCallback(() => {
    const scale = Math.min(
      size.width / Math.max(1, box.right - box.left),
      size.height / Math.max(1, box.bottom - box.top),
      6,
    );
    // A tall panel is fitted by its width: it is read from the top.
    const wide = Math.min(size.width / Math.max(1, box.right - box.left), 6);
    const chosen = scale < levels.middle ? Math.min(wide, Math.max(scale, levels.middle)) : scale;
    const spare = size.width / chosen - (box.right - box.left);
    move({ x: box.left - Math.max(0, spare / 2), y: box.top, scale: chosen }, true);
  }, [box.bottom, box.left, box.right, box.top, move, size.height, size.width]);

  /** A place of the board in the middle of the window, near enough to read. */
  const goTo = useCallback(
    (place: Box, scale = Math.max(view.current.scale, levels.near + 0.4)) =>
      move(
        {
          x: (place.left + place.right) / 2 - size.width / scale / 2,
          y: (place.top + place.bottom) / 2 - size.height / scale / 2,
          scale,
        },
        true,
      ),
    [move, size.height, size.width],
  );

  /** A point of the window as a point of the board, mm. */
  const at = useCallback((px: number, py: number) => {
    const { x, y, scale } = view.current;
    return { x: x + px / scale, y: y + py / scale };
  }, []);

  return { group, shown, view, move, zoom, fit, goTo, at };
}

/** What is mounted: the window, and half of it on every side. */
export function seen({ x, y, scale }: View, size: { width: number; height: number }): Box {
  const [wide, high] = [size.width / scale, size.height / scale];
  return { left: x - wide / 2, top: y - high / 2, right: x + wide * 1.5, bottom: y + high * 1.5 } as Box;
}

export const meets = (a: Box, b: Box) =>
  a.left <= b.right && b.left <= a.right && a.top <= b.bottom && b.top <= a.bottom;

export type BoardEyes = ReturnType<typeof useView>;
