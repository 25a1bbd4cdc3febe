import { http, take, type Schemas } from "../client";

export type Dead = Schemas["DeadDocument"];
export type Deed = Schemas["DeadDeed"];
export type State = Schemas["DeadState"];
export type Told = Schemas["DeadTold"];
export type Pair = Schemas["DeadPairDocument"];

/** Everything of a job is read anew when it changes: what is dead in it too. */
export const deadKey = (job: string, enclosure: string) => ["job", job, "dead", enclosure] as const;
/** How every enclosure stands, as the page’s stream tells it. */
export const toldKey = ["dead"] as const;

const at = (id: string, enclosure: string) => ({ path: { id, enclosure } });

export const deadApi = {
  of: (job: string, enclosure: string) =>
    take(http.GET("/api/jobs/{id}/enclosures/{enclosure}/dead", { params: at(job, enclosure) })),
  record: (job: string, enclosure: string, body: Schemas["NewDeadRecord"]) =>
    take(http.POST("/api/jobs/{id}/enclosures/{enclosure}/dead", { params: at(job, enclosure), body })),
  meter: (job: string, enclosure: string, { from, to }: Pair) =>
    take(
      http.GET("/api/jobs/{id}/enclosures/{enclosure}/dead/meter", {
        params: { ...at(job, enclosure), query: { from, ...(to && { to }) } },
      }),
    ),
};
