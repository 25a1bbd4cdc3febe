import { useCallback, useEffect, useSyncExternalStore } from "react";
import { readIn, type Schemas } from "../client";

type Region = Schemas["Region"];

// The rules of whoever uses this device, and over them those of the job that is open.
let [own, ofJob]: [Region, Region | null] = ["north-america", null];
const listeners = new Set<() => void>();
const now = () => ofJob ?? own;

function set(change: () => void) {
  const before = now();
  change();
  if (now() === before) return;
  readIn(now());
  for (const listener of listeners) listener();
}

/** Hears when other words are said from now on. */
export function onRegion(listener: () => void) {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** The region of this device’s own house rules. */
export const setOwnRegion = (region: Region | undefined) => set(() => (own = region ?? "north-america"));

/** While a job is open its region is the one that counts. */
export function useJobRegion(region: Region | undefined) {
  useEffect(() => {
    if (!region) return;
    set(() => (ofJob = region));
    return () => set(() => (ofJob = null));
  }, [region]);
}

/** A label in a region’s words: written with earth and line, said with ground and hot in North America. */
export const inWords = (label: string, region: Region) =>
  region === "iec"
    ? label
    : label.replace(
        /\b(?:([Aa])n )?(?<!-|line to )([Ee]arth|EARTH|[Ll]ine)(s|ed)?\b(?! to line)/g,
        (...found) => {
          const [, article, noun = "", ending = ""] = found as (string | undefined)[];
          const word = /^e/i.test(noun) ? "ground" : "hot";
          const said =
            noun === "EARTH"
              ? word.toUpperCase()
              : /^[A-Z]/.test(noun)
                ? word.charAt(0).toUpperCase() + word.slice(1)
                : word;
          return `${article ? `${article} ` : ""}${said}${ending}`;
        },
      );

/** Says labels in the words of where one is. */
export function useSay(): (label: string) => string {
  const region = useSyncExternalStore(onRegion, now);
  return useCallback((label: string) => inWords(label, region), [region]);
}
