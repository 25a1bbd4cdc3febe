import { useLayoutEffect } from "react";
import { recall } from "./remembered";

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Enter is the button’s or the link’s that has the focus. */
const isOfControl = ({ key, target }: KeyboardEvent) =>
  key === "Enter" && target instanceof Element && target.closest("button, a, summary") !== null;

/**
 * Whether an event is meant for a single key: not while typing, not with a modifier, not where a control takes it, not
 * when switched off.
 */
export const isForKeys = (event: KeyboardEvent) =>
  !event.defaultPrevented &&
  !event.ctrlKey &&
  !event.metaKey &&
  !event.altKey &&
  !isTyping(event.target) &&
  !isOfControl(event) &&
  !document.querySelector("[role=dialog][data-state=open]") &&
  recall("keys", true);

/** Calls a handler on a single key, such as "u": from the moment that what it acts on is seen. */
export function useKey(key: string, handler: () => void) {
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (!event.repeat && event.key.toLowerCase() === key && isForKeys(event)) {
        event.preventDefault();
        handler();
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [key, handler]);
}
