import { useCallback, useEffect, useRef } from "react";

/** The same function at every drawing, doing what the latest one does: what is handed it is not drawn anew for it. */
export function useStable<A extends unknown[], R>(does: (...given: A) => R): (...given: A) => R {
  const latest = useRef(does);
  useEffect(() => {
    latest.current = does;
  });
  return useCallback((...given: A) => latest.current(...given), []);
}
