import { createContext, useContext } from "react";
import type { Schemas } from "../client";

export type Person = Schemas["Person"];

export interface WhoIsHere {
  /** Who holds this device; null until somebody said so. */
  person: Person | null;
  /** Who does what needs a name: known, or asked for now; null where nobody says. */
  who: () => Promise<Person | null>;
  /** Asks who is here, to change it. */
  ask: () => void;
}

export const PersonContext = createContext<WhoIsHere>({
  person: null,
  who: () => Promise.resolve(null),
  ask: () => undefined,
});

export const usePerson = () => useContext(PersonContext);
