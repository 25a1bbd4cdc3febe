import { http, take, type Lead, type Schemas } from "../client";

/** The interface of cords. */
export const cordApi = {
  starters: () => take(http.GET("/api/cords/starters")),
  signs: () => take(http.GET("/api/cords/signs")),
  drawing: () => take(http.GET("/api/cords/drawing")),
  conductors: (conductors: number) =>
    take(http.GET("/api/cords/conductors", { params: { query: { conductors } } })),
  triage: (body: Schemas["TriageRequest"]) => take(http.POST("/api/cords/triage", { body })),
  size: (body: Schemas["CordSizeRequest"]) => take(http.POST("/api/cords/size", { body })),
  identify: (body: Schemas["IdentifyRequest"]) => take(http.POST("/api/cords/identify", { body })),
  refit: (body: Schemas["RefitRequest"]) => take(http.POST("/api/cords/refit", { body })),
  caseVoltage: (body: Schemas["CaseRequest"]) => take(http.POST("/api/cords/case", { body })),
  meterDrawing: (conductors: number, lead: Lead) =>
    take(http.GET("/api/cords/meter", { params: { query: { conductors, lead } } })),
  meter: (body: Schemas["MeterQuestion"]) => take(http.POST("/api/cords/meter", { body })),
  rework: (body: Schemas["ReworkRequest"]) => take(http.POST("/api/rework/assess", { body })),
};

/** What is usual where nobody said otherwise. */
export const startersOf = {
  queryKey: ["cord", "starters"],
  queryFn: cordApi.starters,
  staleTime: Infinity,
} as const;
