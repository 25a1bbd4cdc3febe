import { useQueryClient } from "@tanstack/react-query";
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from "react";
import type { Schemas } from "../client";
import { sessionKey, useSession } from "../people/session";
import { own } from "../shared/own";

type Tool = Schemas["ToolDocument"];
export type Peak = Schemas["StreamMessagePeakMessage"];
type Told = Schemas["DeadTold"];
type Reading = Schemas["StreamMessageReadingMessage"];

interface Devices {
  tools: Tool[];
  /** The torque at this moment; null while nothing is turned. */
  reading: Reading | null;
  /** The last peak; null until the hand lets go, and once it was used. */
  peak: Peak | null;
  clearPeak: () => void;
  /** How every enclosure stands that somebody made dead, or tried to. */
  dead: Told[];
}

const DevicesContext = createContext<Devices>({
  tools: [],
  reading: null,
  peak: null,
  clearPeak: () => undefined,
  dead: [],
});

/** The stream may be quicker than the answer to a command, ms. */
const answerComesFirst = 120;

/** Follows the page's one event stream. The browser comes back by itself when the line breaks. */
export function DeviceProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const [tools, setTools] = useState<Tool[]>([]);
  const [reading, setReading] = useState<Reading | null>(null);
  const [peak, setPeak] = useState<Peak | null>(null);
  const [dead, setDead] = useState<Told[]>([]);
  const { session } = useSession();
  const holder = session?.person?.id;
  useEffect(() => {
    if (!holder) return;
    const stream = new EventSource("/api/stream");
    stream.onmessage = (event: MessageEvent<string>) => {
      const message = JSON.parse(event.data) as Schemas["StreamMessage"];
      if (message.type === "signed-out") void queries.invalidateQueries({ queryKey: sessionKey });
      if (message.type === "tools") setTools(message.tools);
      if (message.type === "reading") {
        setReading(message);
        setPeak(null);
      }
      if (message.type === "peak") {
        setReading(null);
        setPeak(message);
      }
      if (message.type === "dead") {
        const { told } = message;
        setDead((before) => [...before.filter((one) => one.enclosureId !== told.enclosureId), told]);
        void queries.invalidateQueries({ queryKey: ["job", told.jobId, "dead", told.enclosureId] });
      }
      // Whatever shows this job reads it anew; what this page did itself it has read when its answer came.
      if (message.type === "job") {
        setTimeout(() => {
          if (own.has(message.commandId)) return;
          void queries.invalidateQueries({ queryKey: ["job", message.jobId] });
          void queries.invalidateQueries({ queryKey: ["jobs"] });
        }, answerComesFirst);
      }
    };
    stream.onerror = () => {
      setTools([]);
      setReading(null);
      // Ended for good: whoever held this screen is signed out, and it says so at once.
      if (stream.readyState === EventSource.CLOSED) void queries.invalidateQueries({ queryKey: sessionKey });
    };
    return () => {
      stream.close();
      setDead([]);
    };
  }, [holder, queries]);
  const value = useMemo(
    () => ({ tools, reading, peak, dead, clearPeak: () => setPeak(null) }),
    [tools, reading, peak, dead],
  );
  return <DevicesContext.Provider value={value}>{children}</DevicesContext.Provider>;
}

export const useDevices = () => useContext(DevicesContext);
