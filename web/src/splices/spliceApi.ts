import { http, take, type Schemas } from "../client";

/** The interface of splices. */
export const spliceApi = {
  assess: (body: Schemas["SpliceRequest"]) => take(http.POST("/api/splices/assess", { body })),
  choose: (body: Schemas["SpliceRequest"]) => take(http.POST("/api/splices/choose", { body })),
  hand: (body: Schemas["HandSpliceRequest"]) => take(http.POST("/api/splices/hand", { body })),
  pigtail: (body: Schemas["PigtailRequest"]) => take(http.POST("/api/splices/pigtail", { body })),
  fill: (body: Schemas["BoxRequest"]) => take(http.POST("/api/boxes/fill", { body })),
};
