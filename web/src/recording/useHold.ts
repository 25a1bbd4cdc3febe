import { useMutation } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api } from "../client";
import { isForKeys } from "../shared/keys";

/** Holding turns the stand-in, letting go stops it: by pointer on the control, or by Space anywhere but in a field. */
export function useHold(toolId: string | undefined, targetNm: number | undefined) {
  const [held, setHeld] = useState(false);
  const holding = useRef(false);
  // A quick tap lets go before the hold has arrived: the one waits for the other.
  const scope = { id: `turn of ${toolId}` };
  const hold = useMutation({
    scope,
    mutationFn: ({ id, target }: { id: string; target: number }) => api.hold(id, target),
  });
  const release = useMutation({ scope, mutationFn: (id: string) => api.release(id) });
  const { mutate: startTurn } = hold;
  const { mutate: endTurn } = release;

  const press = useCallback(() => {
    if (holding.current || !toolId || !targetNm) return;
    holding.current = true;
    setHeld(true);
    startTurn({ id: toolId, target: targetNm });
  }, [toolId, targetNm, startTurn]);

  const letGo = useCallback(() => {
    if (!holding.current || !toolId) return;
    holding.current = false;
    setHeld(false);
    endTurn(toolId);
  }, [toolId, endTurn]);

  useEffect(() => {
    const onSpace = (event: KeyboardEvent) =>
      event.key === " " && isForKeys(event) && !isControl(event.target);
    const down = (event: KeyboardEvent) => {
      if (onSpace(event)) {
        event.preventDefault();
        if (!event.repeat) press();
      }
    };
    const up = (event: KeyboardEvent) => {
      if (event.key === " " && holding.current) {
        event.preventDefault();
        letGo();
      }
    };
    window.addEventListener("keydown", down);
    window.addEventListener("keyup", up);
    window.addEventListener("pointerup", letGo);
    window.addEventListener("pointercancel", letGo);
    window.addEventListener("blur", letGo);
    return () => {
      window.removeEventListener("keydown", down);
      window.removeEventListener("keyup", up);
      window.removeEventListener("pointerup", letGo);
      window.removeEventListener("pointercancel", letGo);
      window.removeEventListener("blur", letGo);
      letGo();
    };
  }, [press, letGo]);

  return { held, press, failed: hold.error ?? release.error };
}

/** Space on a button or link is that control's own, but for the driver's. */
const isControl = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest("button, a, summary") !== null &&
  !target.closest("[data-driver]");
