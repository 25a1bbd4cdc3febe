import { useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { Box, Level } from "../drawing/devices/boardModel";

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
export const levelOf = (scale: number): Level =>
  scale < levels.middle ? "far" : scale < levels.near ? "middle" : "near";

/**
 * Pans and zooms an SVG that is larger than its window by a margin. While a hand moves, the finished picture is moved
 * and scaled as it is; it is drawn anew when the view comes to its edge, is far from its scale, or comes to rest.
 */
export function useView(size: { width: number; height: number }, box: Box) {
  const sheet = useRef<SVGSVGElement>(null);
  const [shown, setShown] = useState<View>({ x: box.left, y: box.top, scale: 1 });
  const view = useRef<View>(shown);
  const frame = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const drawn = useRef(shown);

  const apply = useCallback(() => {
    const { x, y, scale } = view.current;
    const was = drawn.current;
    if (!sheet.current) return;
    sheet.current.style.transform = `translate(${(was.x - x) * scale}px, ${(was.y - y) * scale}px) scale(${scale / was.scale})`;
  }, []);
  useLayoutEffect(() => {
    drawn.current = shown;
    apply();
  }, [apply, shown]);

  const settle = useCallback(() => setShown(view.current), []);

  const move = useCallback(
    (to: View, atOnce = false) => {
      view.current = { ...to, scale: Math.max(least, Math.min(most, to.scale)) };
      cancelAnimationFrame(frame.current);
      frame.current = requestAnimationFrame(() => {
        apply();
        if (atOnce || !covers(drawn.current, view.current, size)) settle();
      });
      clearTimeout(timer.current);
      timer.current = setTimeout(settle, settleAfter);
    },
    [apply, settle, size],
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
    // In the middle of what room is left.
    const [x, y] = [
      (box.left + box.right - size.width / scale) / 2,
      (box.top + box.bottom - size.height / scale) / 2,
    ];
    move({ x, y, scale }, true);
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

  return { sheet, shown, view, move, zoom, fit, goTo, at };
}

/** How much more than the window is drawn on every side, in windows: what a hand brings in is there already. */
export const margin = 0.25;

/** What is drawn for a view. */
export function seen({ x, y, scale }: View, size: { width: number; height: number }): Box {
  const [wide, high] = [size.width / scale, size.height / scale];
  return {
    left: x - wide * margin,
    top: y - high * margin,
    right: x + wide * (1 + margin),
    bottom: y + high * (1 + margin),
  };
}

/** Whether what is drawn for one view will do for another: all of it is there, and not too coarse. */
function covers(drawn: View, view: View, size: { width: number; height: number }): boolean {
  const there = seen(drawn, size);
  const by = view.scale / drawn.scale;
  return (
    by < 2.5 &&
    view.x >= there.left &&
    view.y >= there.top &&
    view.x + size.width / view.scale <= there.right &&
    view.y + size.height / view.scale <= there.bottom
  );
}

export const meets = (a: Box, b: Box) =>
  a.left <= b.right && b.left <= a.right && a.top <= b.bottom && b.top <= a.bottom;

export type BoardEyes = ReturnType<typeof useView>;
