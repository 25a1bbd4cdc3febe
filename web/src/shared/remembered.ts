import { useCallback, useState } from "react";

/** What this device remembers under a name; the fallback where it remembers nothing it can read. */
export function recall<T>(name: string, fallback: T): T {
  try {
    const text = localStorage.getItem(`lacet.${name}`);
    return text === null ? fallback : (JSON.parse(text) as T);
  } catch {
    return fallback;
  }
}

/** Remembers on this device; a device that cannot (private mode, full) works on without. */
export function remember(name: string, value: unknown) {
  try {
    localStorage.setItem(`lacet.${name}`, JSON.stringify(value));
  } catch {
    // Nothing depends on it.
  }
}

/** State that this device remembers. */
export function useRemembered<T>(name: string, fallback: T): [T, (value: T) => void] {
  const [value, setValue] = useState(() => recall(name, fallback));
  const set = useCallback(
    (next: T) => {
      setValue(next);
      remember(name, next);
    },
    [name],
  );
  return [value, set];
}
