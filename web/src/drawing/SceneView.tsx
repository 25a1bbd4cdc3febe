import { Box } from "@chakra-ui/react";
import type { Scene } from "../client";
import { inOrder, thin, useUnits } from "../shared/Units";
import { useSize } from "../shared/useSize";
import { DimensionLine } from "./DimensionLine";
import { placeLabels } from "./labels";
import type { Colours, Metal } from "./looks";
import { ScenePaint, Stripes } from "./ScenePaint";

// A thin wire is not blown up beyond what still reads as a wire, in pixels a millimetre.
const closest = 20;
const margin = { side: 14, end: 44 };

/**
 * Paints a scene as large as the room allows, or at a scale of one's own in pixels a millimetre, with dimensions in
 * print and a scale bar.
 */
export function SceneView({
  scene,
  metal,
  colours,
  height,
  actual,
}: {
  scene: Scene;
  metal: Metal;
  colours?: Colours | undefined;
  height: string;
  actual?: number;
}) {
  const { lead } = useUnits();
  const [ref, size] = useSize<HTMLDivElement>();
  const { box } = scene;
  const width = box.right - box.left;
  const tall = box.bottom - box.top;
  const scale =
    actual ??
    Math.min(closest, (size.width - 2 * margin.side) / width, (size.height - 2 * margin.end) / tall);
  const pixel = 1 / scale;
  // At actual size a drawing may be larger than its room: then it scrolls.
  const sheet = actual
    ? {
        width: Math.max(size.width, width * scale + 2 * margin.side),
        height: tall * scale + 2 * margin.end,
      }
    : size;
  const shown = { width: sheet.width * pixel, height: sheet.height * pixel };
  const left = (box.left + box.right - shown.width) / 2;
  const top = (box.top + box.bottom - shown.height) / 2;
  const labelled = scene.dimensions.map((line) => {
    const [first, second] = inOrder(line.label, lead);
    return { line, label: thin(first === second ? first : `${first} (${second})`) };
  });
  const places = placeLabels(labelled, pixel, left + 4 * pixel, left + shown.width - 4 * pixel);
  const bar = scale > 8 ? 5 : scale > 3 ? 10 : 20;
  return (
    <Box
      ref={ref}
      h={actual ? `${sheet.height}px` : height}
      minH={actual ? undefined : "180px"}
      position="relative"
      overflowX={actual ? "auto" : undefined}
    >
      {size.width > 0 && scale > 0 && (
        <svg
          role="img"
          aria-label={scene.says}
          data-scene
          data-scale={scale}
          width={sheet.width}
          height={sheet.height}
          viewBox={`${left} ${top} ${shown.width} ${shown.height}`}
          style={{ display: "block", position: "absolute" }}
        >
          <defs>
            <Stripes colours={colours} />
            <marker
              id="lacet-arrow"
              viewBox="0 0 10 10"
              refX="5"
              refY="5"
              markerWidth="5"
              markerHeight="5"
              orient="auto"
            >
              <path
                d="M1 1 9 5 1 9"
                fill="none"
                stroke="var(--chakra-colors-draw-window-edge)"
                strokeWidth="2"
              />
            </marker>
          </defs>
          {scene.parts.map((part) => (
            <ScenePaint key={part.id} part={part} metal={metal} colours={colours} pixel={pixel} />
          ))}
          {labelled.map(({ line, label }, i) => (
            <DimensionLine
              key={line.id}
              line={line}
              label={label}
              at={places[i] ?? { x: 0, y: 0 }}
              pixel={pixel}
            />
          ))}
          <ScaleBar
            x={left + shown.width - 8 * pixel}
            y={top + shown.height - 12 * pixel}
            length={bar}
            pixel={pixel}
          />
        </svg>
      )}
    </Box>
  );
}

function ScaleBar({ x, y, length, pixel }: { x: number; y: number; length: number; pixel: number }) {
  return (
    <g stroke="var(--chakra-colors-ink-soft)" strokeWidth={2 * pixel} fill="none">
      <path
        d={`M${x - length} ${y - 4 * pixel}v${8 * pixel}M${x - length} ${y}h${length}M${x} ${y - 4 * pixel}v${8 * pixel}`}
      />
      <text
        x={x - length - 6 * pixel}
        y={y + 5 * pixel}
        style={{ fontSize: `${14 * pixel}px` }}
        textAnchor="end"
        stroke="none"
        fill="var(--chakra-colors-ink-soft)"
      >
        {length}&#8239;mm
      </text>
    </g>
  );
}
