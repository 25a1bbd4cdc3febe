import { useCallback, useMemo, useRef, useState, type ReactNode } from "react";
import { useRemembered } from "../shared/remembered";
import { PersonContext, type Person } from "./person";
import { later } from "../shared/later";

const PersonDialog = later(() => import("./PersonDialog").then((module) => module.PersonDialog));

/** One person holds the device, and is named in one place: whatever needs a name asks for it, and then goes on. */
export function PersonProvider({ children }: { children: ReactNode }) {
  const [person, setPerson] = useRemembered<Person | null>("person", null);
  const [asking, setAsking] = useState(false);
  const waiting = useRef<((person: Person | null) => void)[]>([]);
  const who = useCallback(() => {
    if (person) return Promise.resolve(person);
    setAsking(true);
    return new Promise<Person | null>((answer) => waiting.current.push(answer));
  }, [person]);
  const value = useMemo(() => ({ person, who, ask: () => setAsking(true) }), [person, who]);
  const answer = (named: Person | null) => {
    setAsking(false);
    waiting.current.splice(0).forEach((waits) => waits(named));
  };
  return (
    <PersonContext value={value}>
      {children}
      {asking && (
        <PersonDialog
          person={person}
          onClose={() => answer(null)}
          onPerson={(named) => {
            setPerson(named);
            answer(named);
          }}
        />
      )}
    </PersonContext>
  );
}
