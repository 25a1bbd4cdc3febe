import type { Schemas } from "../client";
import { hueOf, lookOf, stripesOf, type Colours, type Metal } from "./looks";

/** A part's path, painted. A part with a line width is a thick line: edge first, then the fill on top. */
export function ScenePaint({
  part,
  metal,
  colours,
  pixel,
}: {
  part: Pick<Schemas["ScenePartDocument"], "id" | "kind" | "path" | "lineWidth">;
  metal: Metal;
  colours?: Colours | undefined;
  pixel: number;
}) {
  const look = lookOf(part.kind, metal, colours);
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
      {part.kind === "earth" && (
        <path
          d={part.path}
          fill="none"
          stroke={hueOf("yellow")}
          strokeWidth={part.lineWidth * 0.5}
          strokeDasharray={`${part.lineWidth * 1.4} ${part.lineWidth}`}
        />
      )}
    </g>
  );
}

/** The stripes of an insulation, for a drawing that has one: an earth is green and yellow in black and white too. */
export function Stripes({ colours }: { colours: Colours | undefined }) {
  if (!colours?.stripe) return null;
  return (
    <pattern
      id={stripesOf(colours)}
      patternUnits="userSpaceOnUse"
      width={3}
      height={3}
      patternTransform="rotate(30)"
    >
      <rect width={3} height={3} fill={hueOf(colours.hue)} />
      <rect width={1.1} height={3} fill={hueOf(colours.stripe)} />
    </pattern>
  );
}
