import { queryOptions } from "@tanstack/react-query";
import { api, type Schemas } from "../client";

/** The recipe of what is asked. */
export const recipeOf = (body: Schemas["BenchRequest"]) =>
  queryOptions({ queryKey: ["recipe", body], queryFn: ({ signal }) => api.recipe(body, signal) });

/** The drawing of what is asked, with what was measured. */
export const sectionOf = (body: Schemas["SectionRequest"]) =>
  queryOptions({ queryKey: ["section", body], queryFn: ({ signal }) => api.section(body, signal) });
