import { createContext, useContext } from "react";
import { http, take, type Schemas } from "../client";

export type Session = Schemas["SessionDocument"];
export type Right = Schemas["Right"];
export type Role = Schemas["Role"];

export const sessionKey = ["session"] as const;

export const sessionApi = {
  now: () => take(http.GET("/api/session")),
  signIn: (body: Schemas["PasswordSignIn"]) => take(http.POST("/api/session/password", { body })),
  byPin: (body: Schemas["PinSignIn"]) => take(http.POST("/api/session/pin", { body })),
  useCode: (body: Schemas["CodeSignIn"]) => take(http.POST("/api/session/code", { body })),
  confirm: (password: string) => take(http.POST("/api/session/confirmation", { body: { password } })),
  changeSecrets: (body: Schemas["ChangedSecrets"]) => take(http.PUT("/api/session/secrets", { body })),
  supervise: (personId: string) => take(http.PUT("/api/session/supervisor", { body: { personId } })),
  signOut: () => take(http.DELETE("/api/session")),
  list: () => take(http.GET("/api/sessions")),
  end: (id: string) => take(http.DELETE("/api/sessions/{id}", { params: { path: { id } } })),
  endAll: (personId: string) => take(http.DELETE("/api/sessions", { params: { query: { personId } } })),
  trust: () => take(http.GET("/api/trust")),
  tablets: () => take(http.GET("/api/tablets")),
  offerTablet: (name: string) => take(http.POST("/api/tablets", { body: { name } })),
  pairTablet: (code: string) => take(http.POST("/api/tablets/pair", { body: { code } })),
  unpairTablet: (id: string) => take(http.DELETE("/api/tablets/{id}", { params: { path: { id } } })),
  tools: () => take(http.GET("/api/tools")),
  pairTool: (body: Schemas["NewTool"]) => take(http.POST("/api/tools", { body })),
  unpairTool: (id: string) => take(http.DELETE("/api/tools/{id}", { params: { path: { id } } })),
  typedNames: () => take(http.GET("/api/people/typed")),
  joinName: (id: string, body: Schemas["JoinName"]) =>
    take(http.POST("/api/people/typed/{id}/person", { params: { path: { id } }, body })),
  people: () => take(http.GET("/api/people")),
  add: (body: Schemas["NewAccount"]) => take(http.POST("/api/people", { body })),
  change: (id: string, body: Schemas["ChangedAccount"]) =>
    take(http.PUT("/api/people/{id}", { params: { path: { id } }, body })),
  erase: (id: string) => take(http.DELETE("/api/people/{id}/name", { params: { path: { id } } })),
  reset: (id: string) => take(http.POST("/api/people/{id}/code", { params: { path: { id } } })),
};

export interface WhoIsHere {
  /** Who is signed in on this screen; undefined until that is known. */
  session: Session | undefined;
  /** Whether they have a right, once they have shown enough for it. */
  may: (right: Right) => boolean;
  /** Why they have it not, in a sentence; null where they have it, and where nobody is signed in. */
  refusal: (right: Right) => string | null;
  /** Takes what the server said of a sign-in. */
  keep: (session: Session) => void;
  /** Asks somebody to sign in; true once they did. */
  signIn: () => Promise<boolean>;
}

export const SessionContext = createContext<WhoIsHere>({
  session: undefined,
  may: () => false,
  refusal: () => null,
  keep: () => undefined,
  signIn: () => Promise.resolve(false),
});

export const useSession = () => useContext(SessionContext);

/** A role as it is said. */
export const roleNames: Record<Role, string> = {
  lead: "Lead",
  electrician: "Electrician",
  apprentice: "Apprentice",
  inspector: "Inspector",
};
