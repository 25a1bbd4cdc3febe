import { createContext, useContext, type ReactNode } from "react";
import type { Lead, Readout } from "../client";
import { useRemembered } from "./remembered";

interface Units {
  lead: Lead;
  switchLead: () => void;
}

const UnitsContext = createContext<Units>({ lead: "metric", switchLead: () => undefined });

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [lead, setLead] = useRemembered<Lead>("lead", "metric");
  const switchLead = () => setLead(lead === "metric" ? "imperial" : "metric");
  return <UnitsContext.Provider value={{ lead, switchLead }}>{children}</UnitsContext.Provider>;
}

export const useUnits = () => useContext(UnitsContext);

/** The two forms of a quantity, the leading one first: one that a rule cannot show leads in millimetres for everybody. */
export const inOrder = (readout: Readout, lead: Lead): [string, string] =>
  (readout.leads ?? lead) === "metric"
    ? [readout.metric, readout.imperial]
    : [readout.imperial, readout.metric];

/** Both forms in a line, the leading one first; one where both are the same. */
export const sayBoth = (readout: Readout, lead: Lead): string => {
  const [first, second] = inOrder(readout, lead);
  return first === second ? first : `${first} · ${second}`;
};

/** Numbers keep to their units: a narrow space that does not break. */
export const thin = (text: string) => text.replace(/(\d) (mm|in\b|N·m|lbf|%|AWG|kcmil)/g, "$1\u202f$2");
