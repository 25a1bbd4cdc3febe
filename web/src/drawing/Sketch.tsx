import { memo } from "react";
import type { Scene } from "../client";
import type { Colours, Metal } from "./looks";
import { ScenePaint, Stripes } from "./ScenePaint";

/**
 * A scene as a small picture at a fixed scale, in pixels a millimetre, so that neighbours compare truly. Dozens of them
 * stand in the pickers and none of them changes while the hand moves: they are not painted again.
 */
export const Sketch = memo(function Sketch({
  scene,
  scale,
  metal = "copper",
  colours,
}: {
  scene: Scene;
  scale: number;
  metal?: Metal;
  colours?: Colours;
}) {
  const { box } = scene;
  const pixel = 1 / scale;
  const width = box.right - box.left + 2 * pixel;
  const height = box.bottom - box.top + 2 * pixel;
  return (
    <svg
      aria-hidden
      width={width * scale}
      height={height * scale}
      viewBox={`${box.left - pixel} ${box.top - pixel} ${width} ${height}`}
      style={{ display: "block", flex: "none" }}
    >
      {colours?.stripe && (
        <defs>
          <Stripes colours={colours} />
        </defs>
      )}
      {scene.parts.map((part) => (
        <ScenePaint key={part.id} part={part} metal={metal} colours={colours} pixel={pixel * 0.6} />
      ))}
    </svg>
  );
});
