import { http, take, type Lead, type Schemas } from "../client";

/** The interface of splices. */
export const spliceApi = {
  assess: (body: Schemas["SpliceRequest"]) => take(http.POST("/api/splices/assess", { body })),
  choose: (body: Schemas["SpliceRequest"]) => take(http.POST("/api/splices/choose", { body })),
  kinds: (body: Schemas["SpliceRequest"]) => take(http.POST("/api/splices/kinds", { body })),
  forms: (lead: Lead) => take(http.GET("/api/splices/hand", { params: { query: { lead } } })),
  hand: (body: Schemas["HandSpliceRequest"]) => take(http.POST("/api/splices/hand", { body })),
  pigtail: (body: Schemas["PigtailRequest"]) => take(http.POST("/api/splices/pigtail", { body })),
  fill: (body: Schemas["BoxRequest"]) => take(http.POST("/api/boxes/fill", { body })),
};
