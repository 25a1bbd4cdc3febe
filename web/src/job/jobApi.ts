import { http, take, type Lead, type Schemas } from "../client";

export type Wire = Schemas["WireRow"];
export type Finding = Schemas["JobFindingDocument"];
export type Part = Schemas["JobPart"];
export type Done = Schemas["CommandDone"];
export type Import = Schemas["ImportDocument"];

const at = (id: string) => ({ path: { id } });

/** Everything that the pages of jobs ask of the server. */
const undoIds = new Map<string, string>();

/** Undone again because no answer came, a change is undone once: its undoing has one id. */
function undoIdOf(command: string): string {
  const id = undoIds.get(command) ?? crypto.randomUUID();
  undoIds.set(command, id);
  return id;
}

export const jobApi = {
  list: (offset: number) => take(http.GET("/api/jobs", { params: { query: { offset } } })),
  make: (body: Schemas["NewJob"]) => take(http.POST("/api/jobs", { body })),
  open: (id: string) => take(http.GET("/api/jobs/{id}", { params: at(id) })),
  archive: (id: string) => take(http.DELETE("/api/jobs/{id}", { params: at(id) })),
  restore: (id: string) => take(http.POST("/api/jobs/{id}/restore", { params: at(id) })),
  wires: (
    id: string,
    query: { q?: string; enclosure?: string; circuit?: string; offset?: number; limit?: number },
  ) => take(http.GET("/api/jobs/{id}/wires", { params: { ...at(id), query } })),
  typeWires: (id: string, body: Schemas["TypedWires"]) =>
    take(http.POST("/api/jobs/{id}/wires", { params: at(id), body })),
  cables: (id: string, query: { offset?: number; lead: Lead }) =>
    take(http.GET("/api/jobs/{id}/cables", { params: { ...at(id), query } })),
  landings: (id: string, query: { enclosure?: string; q?: string; offset?: number; limit?: number }) =>
    take(http.GET("/api/jobs/{id}/landings", { params: { ...at(id), query } })),
  end: (id: string, wire: string, side: string, lead: Lead) =>
    take(
      http.GET("/api/jobs/{id}/wires/{wire}/ends/{side}", {
        params: { path: { id, wire, side }, query: { lead } },
      }),
    ),
  rework: (id: string, wire: string, side: string, body: Schemas["FaultsFound"], lead: Lead) =>
    take(
      http.POST("/api/jobs/{id}/wires/{wire}/ends/{side}/rework", {
        params: { path: { id, wire, side }, query: { lead } },
        body,
      }),
    ),
  board: (id: string, enclosure: string, since?: string) =>
    take(
      http.GET("/api/jobs/{id}/boards/{enclosure}", {
        params: { path: { id, enclosure }, query: since ? { since } : {} },
      }),
    ),
  trace: (id: string, landing: string, contacts: boolean) =>
    take(http.GET("/api/jobs/{id}/trace", { params: { ...at(id), query: { landing, contacts } } })),
  run: (id: string, enclosure: string, lead: Lead) =>
    take(
      http.GET("/api/jobs/{id}/enclosures/{enclosure}/run", {
        params: { path: { id, enclosure }, query: { lead } },
      }),
    ),
  sources: (id: string, enclosure: string) =>
    take(http.GET("/api/jobs/{id}/sources", { params: { ...at(id), query: { enclosure } } })),
  weakest: (id: string) => take(http.GET("/api/jobs/{id}/circuits/weakest", { params: at(id) })),
  directory: (id: string, enclosure: string) =>
    take(http.GET("/api/jobs/{id}/directory", { params: { ...at(id), query: { enclosure } } })),
  opened: (id: string, device: string) =>
    take(http.GET("/api/jobs/{id}/opened", { params: { ...at(id), query: { device } } })),
  tryWires: (id: string, body: Schemas["TypedWires"], lead: Lead) =>
    take(http.POST("/api/jobs/{id}/wires/try", { params: { ...at(id), query: { lead } }, body })),
  addLine: (id: string, body: Schemas["TypedLine"]) =>
    take(http.POST("/api/jobs/{id}/wires/line", { params: at(id), body })),
  remedies: (id: string, wire: string, side: string, lead: Lead) =>
    take(
      http.GET("/api/jobs/{id}/wires/{wire}/ends/{side}/remedies", {
        params: { path: { id, wire, side }, query: { lead } },
      }),
    ),
  takeRemedy: (id: string, wire: string, side: string, body: Schemas["TakeRemedy"]) =>
    take(
      http.POST("/api/jobs/{id}/wires/{wire}/ends/{side}/remedies", {
        params: { path: { id, wire, side } },
        body,
      }),
    ),
  change: (id: string, body: Schemas["NewCommand"]) =>
    take(http.POST("/api/jobs/{id}/commands", { params: at(id), body })),
  undo: (id: string, command: string) =>
    take(
      http.POST("/api/jobs/{id}/commands/{command}/undo", {
        params: { path: { id, command } },
        body: { id: undoIdOf(command) },
      }),
    ),
  history: (id: string, before: number | undefined) =>
    take(
      http.GET("/api/jobs/{id}/commands", {
        params: { ...at(id), query: before ? { before } : {} },
      }),
    ),
  changesOf: (id: string, command: string) =>
    take(http.GET("/api/jobs/{id}/commands/{command}/changes", { params: { path: { id, command } } })),
  findings: (
    id: string,
    query: {
      check?: string;
      severity?: string;
      wire?: string;
      accepted?: boolean;
      offset?: number;
      limit?: number;
    },
    lead: Lead,
  ) => take(http.GET("/api/jobs/{id}/findings", { params: { ...at(id), query: { ...query, lead } } })),
  accept: (id: string, body: Schemas["NewAcceptance"]) =>
    take(http.POST("/api/jobs/{id}/findings/accept", { params: at(id), body })),
  section: (id: string, wire: string, side: string, lead: Lead) =>
    take(http.GET("/api/jobs/{id}/findings/section", { params: { ...at(id), query: { wire, side, lead } } })),
  survey: (id: string, lead: Lead) =>
    take(http.GET("/api/jobs/{id}/survey", { params: { ...at(id), query: { lead } } })),
  addToSurvey: (id: string, body: Schemas["NewSurvey"]) =>
    take(http.POST("/api/jobs/{id}/survey", { params: at(id), body })),
  jobOfSurvey: (id: string, body: Schemas["NewRemedyJob"]) =>
    take(http.POST("/api/jobs/{id}/survey/job", { params: at(id), body })),
  readFile: (file: Blob, jobId: string | null) =>
    take(
      http.POST("/api/jobs/import/preview", {
        params: { query: jobId ? { jobId } : {} },
        // The file as it is: the type says string, the wire says bytes.
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as BodyInit,
        headers: { "Content-Type": "application/octet-stream" },
      }),
    ),
  readText: (body: Schemas["PastedList"]) => take(http.POST("/api/jobs/import/preview/text", { body })),
  import: (id: string, offset: number) =>
    take(http.GET("/api/jobs/import/{id}", { params: { ...at(id), query: { offset } } })),
  changeImport: (id: string, body: Schemas["ImportSettings"]) =>
    take(http.PUT("/api/jobs/import/{id}", { params: at(id), body })),
  acceptImport: (id: string, body: Schemas["AcceptImport"]) =>
    take(http.POST("/api/jobs/import/{id}/accept", { params: at(id), body })),
  landingGroups: (id: string) => take(http.GET("/api/jobs/{id}/landing-groups", { params: at(id) })),
  sayLandings: (id: string, body: Schemas["SaidOfGroup"]) =>
    take(http.POST("/api/jobs/{id}/landing-groups", { params: at(id), body })),
  layouts: () => take(http.GET("/api/list-layouts")),
  takeLayouts: (body: Schemas["ListLayout"][]) => take(http.POST("/api/list-layouts", { body })),
  renameLayout: (id: string, name: string) =>
    take(http.PUT("/api/list-layouts/{id}", { params: at(id), body: { name } })),
  deleteLayout: (id: string) => take(http.DELETE("/api/list-layouts/{id}", { params: at(id) })),
  cancelImport: (id: string) => take(http.DELETE("/api/jobs/import/{id}", { params: at(id) })),
  takeInJob: (file: Blob) =>
    take(
      http.POST("/api/jobs/document", {
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as BodyInit,
        headers: { "Content-Type": "application/octet-stream" },
      }),
    ),
};
