import { useEffect, useRef } from "react";

/** Looked at so often, ms. */
const lookEvery = 5_000;

/**
 * Says so when nobody has touched this screen for a while. What a page asks for by itself is no touch, so the server
 * alone cannot know.
 */
export function useIdle(seconds: number | null | undefined, onIdle: () => void) {
  const idle = useRef(onIdle);
  useEffect(() => {
    idle.current = onIdle;
  });
  useEffect(() => {
    if (!seconds) return;
    let touched = Date.now();
    const touch = () => {
      touched = Date.now();
    };
    const timer = setInterval(() => {
      if (Date.now() - touched < seconds * 1000) return;
      clearInterval(timer);
      idle.current();
    }, lookEvery);
    for (const kind of ["pointerdown", "keydown"]) addEventListener(kind, touch, true);
    return () => {
      clearInterval(timer);
      for (const kind of ["pointerdown", "keydown"]) removeEventListener(kind, touch, true);
    };
  }, [seconds]);
}
