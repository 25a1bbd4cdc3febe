import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { bringToken, onMissing } from "../client";
import { later } from "../shared/later";
import { useIdle } from "./useIdle";
import { SessionContext, sessionApi, sessionKey, type Session, type WhoIsHere } from "./session";

const SignInDialog = later(() => import("./SignInDialog").then((module) => module.SignInDialog));
const PasswordDialog = later(() => import("./PasswordDialog").then((module) => module.PasswordDialog));

interface Asked {
  what: "sign-in" | "password";
  says: string;
  /** What the server says to strangers, who are let in by what is listed there. */
  known?: Session;
}

/** Who holds this screen, known in one place: whatever needs somebody asks for them, and then goes on. */
export function SessionProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const now = useQuery({ queryKey: sessionKey, queryFn: sessionApi.now, staleTime: Infinity });
  const [asked, setAsked] = useState<Asked | null>(null);
  const waiting = useRef<((isThere: boolean) => void)[]>([]);
  const person = useRef<string | null | undefined>(undefined);

  const session = now.data;
  bringToken(session?.token ?? null);

  const keep = useCallback(
    (next: Session) => {
      bringToken(next.token);
      queries.setQueryData(sessionKey, next);
    },
    [queries],
  );

  // What one person was shown is not shown to the next.
  const holder = session?.person?.id ?? null;
  useEffect(() => {
    if (session === undefined || holder === person.current) return;
    const isFirst = person.current === undefined;
    person.current = holder;
    if (isFirst) return;
    const others = {
      predicate: ({ queryKey }: { queryKey: readonly unknown[] }) => queryKey[0] !== sessionKey[0],
    };
    if (holder === null) queries.removeQueries(others);
    else void queries.resetQueries(others);
  }, [holder, queries, session]);

  useIdle(session?.person ? session.idleSeconds : null, () => {
    void sessionApi
      .signOut()
      .catch(() => undefined)
      .then(sessionApi.now)
      .then(keep);
  });

  const ask = useCallback((next: Asked) => {
    setAsked(next);
    return new Promise<boolean>((answer) => waiting.current.push(answer));
  }, []);

  useEffect(() => {
    onMissing(async (needs, says, isChange) => {
      if (needs === "password") return ask({ what: "password", says });
      // Whoever is not signed in here any more finds out by what they do next.
      const known = await sessionApi.now().catch(() => null);
      if (!known) return false;
      // What is read while somebody is asked waits with them: it takes no page away in which something was typed.
      if (known.person === null && waiting.current.length > 0)
        return new Promise<boolean>((then) => waiting.current.push(then));
      if (known.person !== null || !isChange) {
        keep(known);
        return known.person !== null;
      }
      // What was typed stays on the page until somebody signs in, or leaves it at that.
      return ask({ what: "sign-in", says, known });
    });
  }, [ask, keep]);

  const answer = (isThere: boolean) => {
    setAsked(null);
    waiting.current.splice(0).forEach((waits) => waits(isThere));
  };
  const done = (next: Session) => {
    keep(next);
    answer(true);
  };
  const leave = () => {
    if (asked?.known) keep(asked.known);
    answer(false);
  };

  const value = useMemo(
    (): WhoIsHere => ({
      session,
      may: (right) => session?.rights.includes(right) ?? false,
      refusal: (right) => session?.refused.find((refused) => refused.right === right)?.says ?? null,
      keep,
      signIn: () => ask({ what: "sign-in", says: "" }),
    }),
    [ask, keep, session],
  );
  return (
    <SessionContext value={value}>
      {children}
      {asked?.what === "sign-in" && (
        <SignInDialog says={asked.says} known={asked.known ?? session} onDone={done} onClose={leave} />
      )}
      {asked?.what === "password" && (
        <PasswordDialog says={asked.says} onDone={done} onClose={() => answer(false)} />
      )}
    </SessionContext>
  );
}
