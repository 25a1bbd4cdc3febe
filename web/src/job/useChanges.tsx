import { useQuery, useQueryClient } from "@tanstack/react-query";
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from "react";
import { Refusal, type Schemas } from "../client";
import { toast } from "../ui";
import { painted } from "../shared/painted";
import { useInTurn } from "../shared/useInTurn";
import { useJobRegion } from "../shared/tradeWords";
import { own } from "../shared/own";
import { jobApi, type Done, type Part } from "./jobApi";

export interface Changes {
  error: string | null;
  /** What somebody else made of it meanwhile. */
  conflict: Conflict | null;
  busy: boolean;
  /** Sends a change; null where it was refused, and then nothing was changed. */
  send: (change: Change, over?: Wanted) => Promise<Done | null>;
  put: (part: Part, version: number | null) => Promise<Done | null>;
  remove: (id: string, version: number) => Promise<Done | null>;
  settle: () => void;
}

type Change = (command: string) => Promise<Done>;

/** A change that is not a whole part: what it would make, in a sentence, and the same over whatever is there. */
interface Wanted {
  says: string;
  over: (version: number) => Change;
}

export interface Conflict {
  says: string;
  /** What I would have made of it, in a sentence. */
  wantedSays: string | null;
  now: Part | null;
  /** What I would have made of it; null where I did not say it whole. */
  wanted: Part | null;
  version: number | null;
  /** Sends the same change again, over what is there now. */
  mine: ((version: number) => Promise<Done>) | null;
}

const ChangesContext = createContext<Changes | null>(null);

/** Sends a change, and reads what it touched anew; what was refused, and a conflict, is kept to be shown. */
function usePerform(job: string) {
  const queries = useQueryClient();
  const [error, setError] = useState<string | null>(null);
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const [busy, setBusy] = useState(false);

  const perform = useCallback(
    async (
      change: () => Promise<Done>,
      mine: Conflict["mine"],
      wanted: Part | null = null,
      wantedSays: string | null = null,
    ): Promise<Done | null> => {
      setBusy(true);
      try {
        const answer = await change();
        own.remember(answer.commandId);
        setError(null);
        setConflict(null);
        // What is drawn comes first, and alone until it is painted: it is what the hand waits for.
        const board = { queryKey: ["job", job, "board"] };
        const isDrawn = queries.getQueryCache().findAll({ ...board, type: "active" }).length > 0;
        await queries.invalidateQueries(board);
        if (isDrawn) await painted();
        await Promise.all([
          queries.invalidateQueries({
            predicate: ({ queryKey: [kind, id, what] }) => kind === "job" && id === job && what !== "board",
          }),
          queries.invalidateQueries({ queryKey: ["jobs"] }),
        ]);
        return answer;
      } catch (refused) {
        const refusal = refused instanceof Refusal ? refused : new Refusal(String(refused), 0);
        if (refusal.status === 409 && "partId" in refusal.problem) {
          setConflict({
            says: refusal.message,
            wantedSays,
            now: (refusal.problem.now as Part | null | undefined) ?? null,
            version: (refusal.problem.version as number | null | undefined) ?? null,
            wanted,
            mine,
          });
        } else {
          setError(refusal.message);
        }
        return null;
      } finally {
        setBusy(false);
      }
    },
    [job, queries],
  );
  return { perform, error, setError, conflict, setConflict, busy };
}

/** Ctrl-Z takes the last change back. */
function useUndoKey(undo: () => void) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      // While somebody types, Ctrl-Z takes back letters.
      const typing =
        event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
      const inDialog = document.querySelector("[role=dialog][data-state=open]") !== null;
      const isUndo = (event.ctrlKey || event.metaKey) && !event.shiftKey && event.key.toLowerCase() === "z";
      if (!isUndo || typing || inDialog) return;
      event.preventDefault();
      undo();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [undo]);
}

/** One toast a job: a quick hand does not pile them up. */
const toastOf = (job: string) => `changes of ${job}`;

/** Changes of one job: each a command, the last ones undone by Ctrl-Z, a conflict shown with both sides. */
export function ChangesProvider({ job, children }: { job: string; children: ReactNode }) {
  const queries = useQueryClient();
  const { perform, error, setError, conflict, setConflict, busy } = usePerform(job);
  const overview = useQuery({ queryKey: ["job", job, "overview"], queryFn: () => jobApi.open(job) });
  useJobRegion(overview.data?.title.houseRules?.region);

  // One after the other, undoing too: what is undone is the last that was done, not the last that was answered.
  const inTurn = useInTurn(`changes of ${job}`);
  const stack = useRef<Done[]>([]);
  const undo = useCallback(
    () =>
      void inTurn(async () => {
        const command = stack.current.at(-1);
        if (!command) return;
        stack.current = stack.current.slice(0, -1);
        const undone = await perform(() => jobApi.undo(job, command.commandId), null);
        if (undone) toast(undone.says, { id: toastOf(job) });
      }),
    [inTurn, job, perform],
  );

  const run = useCallback(
    (
      change: () => Promise<Done>,
      mine: Conflict["mine"],
      wanted: Part | null = null,
      wantedSays: string | null = null,
    ): Promise<Done | null> =>
      inTurn(async () => {
        const answer = await perform(change, mine, wanted, wantedSays);
        if (answer) {
          stack.current = [...stack.current, answer].slice(-50);
          toast(answer.says, { id: toastOf(job), undo });
        }
        return answer;
      }),
    [inTurn, job, perform, undo],
  );

  useUndoKey(undo);

  const value = useMemo((): Changes => {
    const send: Changes["send"] = (change, wanted) => {
      const command = crypto.randomUUID();
      return run(
        () => change(command),
        wanted ? (now) => wanted.over(now)(crypto.randomUUID()) : null,
        null,
        wanted?.says,
      );
    };
    const change = (
      changes: Schemas["PartChange"][],
      wanted: Part | null,
      again: ((version: number) => Schemas["PartChange"][]) | null,
    ) => {
      const put = (parts: Schemas["PartChange"][]) =>
        jobApi.change(job, { id: crypto.randomUUID(), changes: parts });
      return run(() => put(changes), again && ((now) => put(again(now))), wanted);
    };
    return {
      error,
      conflict,
      busy,
      send,
      put: (part, version) => change([{ put: part, version }], part, (now) => [{ put: part, version: now }]),
      remove: (id, version) => change([{ remove: id, version }], null, null),
      settle: () => {
        setError(null);
        setConflict(null);
        void queries.invalidateQueries({ queryKey: ["job", job] });
      },
    };
  }, [busy, conflict, error, job, queries, run, setConflict, setError]);
  return <ChangesContext.Provider value={value}>{children}</ChangesContext.Provider>;
}

export function useChanges(): Changes {
  const changes = useContext(ChangesContext);
  if (!changes) throw new Error("Changes are made inside a job.");
  return changes;
}
