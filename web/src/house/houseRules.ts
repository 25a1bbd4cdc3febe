import { createContext, useContext } from "react";
import type { Schemas } from "../client";

export type HouseRules = Schemas["HouseRules"];

/** The house rules of whoever uses this device, and how to change them; what was never touched is the default. */
export const HouseRulesContext = createContext<{ rules: HouseRules; change: (rules: HouseRules) => void }>({
  rules: {},
  change: () => undefined,
});

export const useHouseRules = () => useContext(HouseRulesContext);
