import createClient from "openapi-fetch";
import type { components, paths } from "./api/schema";

export type Schemas = components["schemas"];
export type Readout = Schemas["Readout"];
export type Conductor = Schemas["ConductorDocument"];
/** A landing by its kind; one on the Shelf may be named by its id alone when it is asked about. */
export type Landing = Extract<Schemas["LandingDocument"], { kind: string }>;

/** What the server sends always names its kind. */
export const named = (landing: Schemas["LandingDocument"]) => landing as Landing;
export type Recipe = Schemas["RecipeDocument"];
export type Scene = Schemas["SceneDocument"];
export type Lead = Schemas["Lead"];

/** What is missing before the server does what was asked: a sign-in, a password, or only a newer token. */
type Needs = "sign-in" | "password" | "token";

let token: string | null = null;
let askFor: (needs: Needs, says: string, isChange: boolean) => Promise<boolean> = () =>
  Promise.resolve(false);

/** From here on changes bring what the server gave this page when somebody signed in. */
export const bringToken = (next: string | null) => {
  token = next;
};

/** Who is asked for what is missing; true where it is there now, and the same request is worth sending again. */
export const onMissing = (ask: typeof askFor) => {
  askFor = ask;
};

const withToken = (request: Request) => {
  if (token) request.headers.set("X-Lacet-Token", token);
  return fetch(request);
};

/**
 * Asks the server. Where only a sign-in or a password is missing, it is asked for, and what was asked goes on: nothing
 * that was typed is lost over it.
 */
async function ask(request: Request) {
  const [again, isChange] = [request.clone(), request.method !== "GET"];
  const answer = await withToken(request);
  if (![400, 401, 403].includes(answer.status)) return answer;
  const problem = (await answer
    .clone()
    .json()
    .catch(() => ({}))) as { needs?: Needs; detail?: string };
  if (!problem.needs) return answer;
  const isThere = await askFor(problem.needs, problem.detail ?? "", isChange);
  return isThere ? withToken(again) : answer;
}

export const http = createClient<paths>({ baseUrl: "/", fetch: ask });

// Whose English is asked for: ground and hot, or earth and line.
let language = "en-US";
http.use({ onRequest: ({ request }) => request.headers.set("Accept-Language", language) });

/** From here on sentences are asked for in a region’s words. */
export const readIn = (region: Schemas["Region"]) => {
  language = region === "iec" ? "en-GB" : "en-US";
};

/** What the server said was wrong, in its own sentence, and which field it names. */
export class Refusal extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
    /** All that the server said of it. */
    readonly problem: Record<string, unknown> = {},
  ) {
    super(message);
  }
}

/** Whether asking again may help: nothing answered, or only a door before Lacet did. */
export const mayComeBack = (error: unknown) =>
  error instanceof Refusal && [0, 502, 503, 504].includes(error.status);

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or the server's sentence thrown. */
export async function take<T>(answer: Promise<Answer<T>>): Promise<T> {
  let settled: Answer<T>;
  try {
    settled = await answer;
  } catch {
    throw new Refusal("Lacet does not answer. Nothing was lost; it is tried again when you are.", 0);
  }
  const { data, error, response } = settled;
  if (!response.ok) throw refusalOf(response, error);
  return data as T;
}

/** What an answer refuses, by the problem in it. */
export function refusalOf({ status }: Response, error: unknown) {
  const problem = (error ?? {}) as { detail?: string; field?: string } & Record<string, unknown>;
  return new Refusal(problem.detail ?? `Lacet answered ${status}.`, status, problem.field, problem);
}

export const api = {
  recipe: (body: Schemas["BenchRequest"], signal: AbortSignal) =>
    take(http.POST("/api/bench/recipe", { body, signal })),
  section: (body: Schemas["SectionRequest"], signal: AbortSignal) =>
    take(http.POST("/api/bench/section", { body, signal })),
  identify: (body: Schemas["WireClues"]) => take(http.POST("/api/conductors/identify", { body })),
  compare: (body: Schemas["CompareRequest"]) => take(http.POST("/api/bench/compare", { body })),
  readWire: (body: Schemas["WireTextRequest"]) => take(http.POST("/api/conductors/read", { body })),
  shelf: (kind: string, q: string, after: string, signal: AbortSignal) =>
    take(http.GET("/api/shelf/{kind}", { params: { path: { kind }, query: { q, after } }, signal })),
  putOnShelf: (body: Schemas["ShelfPut"]) => take(http.POST("/api/shelf", { body })),
  changeOnShelf: (id: string, version: number, body: Schemas["ShelfPut"]) =>
    take(
      http.PUT("/api/shelf/items/{id}", {
        body,
        params: { path: { id }, header: { "If-Match": `"${version}"` } },
      }),
    ),
  takeOffShelf: (id: string, version: number) =>
    take(
      http.DELETE("/api/shelf/items/{id}", {
        params: { path: { id }, header: { "If-Match": `"${version}"` } },
      }),
    ),
  undoOnShelf: (batch: string) =>
    take(http.POST("/api/shelf/changes/{batch}/undo", { params: { path: { batch } } })),
  previewImport: (body: Schemas["ShelfImport"]) => take(http.POST("/api/shelf/imports/preview", { body })),
  importShelf: (body: Schemas["ShelfImport"]) => take(http.POST("/api/shelf/imports", { body })),
  tables: () => take(http.GET("/api/reference")),
  table: (table: string) => take(http.GET("/api/reference/{table}", { params: { path: { table } } })),
  wrench: (body: Schemas["WrenchRequest"]) => take(http.POST("/api/bench/wrench", { body })),
  usualBelt: () => take(http.GET("/api/bench/belt")),
  belt: (body: Schemas["BeltedTool"]) => take(http.POST("/api/bench/belt", { body })),
  starters: () => take(http.GET("/api/bench/starters")),
  rack: (build: Schemas["Build"]) => take(http.GET("/api/conductors", { params: { query: { build } } })),
  landingKinds: () => take(http.GET("/api/landings")),
  houseRules: () => take(http.GET("/api/house-rules")),
  record: (body: Schemas["NewRecord"], lead: Lead) =>
    take(http.POST("/api/records", { body, params: { query: { lead } } })),
  records: (before: number | undefined, lead: Lead) =>
    take(http.GET("/api/records", { params: { query: { lead, ...(before ? { before } : {}) } } })),
  seal: () => take(http.GET("/api/records/seal")),
  fitness: (id: string, targetNm: number, lead: Lead) =>
    take(http.GET("/api/devices/{id}/fitness", { params: { path: { id }, query: { targetNm, lead } } })),
  hold: (id: string, targetNm: number) =>
    take(http.POST("/api/devices/{id}/hold", { params: { path: { id } }, body: { targetNm } })),
  release: (id: string) => take(http.POST("/api/devices/{id}/release", { params: { path: { id } } })),
};
