import type { Schemas } from "../client";
import { lookOf, type Metal } from "./looks";

/** A part's path, painted. A part with a line width is a thick line: edge first, then the fill on top. */
export function ScenePaint({
  part,
  metal,
  pixel,
}: {
  part: Pick<Schemas["ScenePartDocument"], "id" | "kind" | "path" | "lineWidth">;
  metal: Metal;
  pixel: number;
}) {
  const look = lookOf(part.kind, metal);
  const common = { d: part.path, "data-part": part.id };
  if (part.lineWidth === null) {
    return (
      <path
        {...common}
        fill={look.fill}
        opacity={look.opacity}
        stroke={look.stroke ?? "none"}
        strokeWidth={pixel}
        strokeDasharray={look.dash ? `${4 * pixel} ${3 * pixel}` : undefined}
      />
    );
  }
  if (look.fill === "none") {
    return (
      <path
        {...common}
        fill="none"
        stroke={look.stroke}
        strokeWidth={Math.max(part.lineWidth, pixel)}
        markerEnd={part.kind === "direction" ? "url(#lacet-arrow)" : undefined}
      />
    );
  }
  return (
    <g>
      <path {...common} fill="none" stroke={look.stroke} strokeWidth={part.lineWidth + 2 * pixel} />
      <path d={part.path} fill="none" stroke={look.fill} strokeWidth={part.lineWidth} />
    </g>
  );
}
