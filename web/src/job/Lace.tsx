import { Box, chakra } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { useSize } from "../shared/useSize";

type Run = Schemas["LaceRun"];
type State = Schemas["EndState"];

// Each state has a shape of its own: how tall its stitch stands, and whether it is filled.
const looks: Record<State, { word: string; tall: number; fill: string; edge: string }> = {
  planned: { word: "planned", tall: 0.35, fill: "transparent", edge: "line.strong" },
  ready: { word: "ready", tall: 0.55, fill: "transparent", edge: "copper" },
  landed: { word: "landed", tall: 0.75, fill: "copper.wash", edge: "copper" },
  checked: { word: "checked", tall: 0.9, fill: "copper", edge: "copper" },
  signed: { word: "signed", tall: 1, fill: "go", edge: "go" },
  parked: { word: "parked", tall: 0.45, fill: "line.strong", edge: "ink" },
  rejected: { word: "rejected", tall: 0.45, fill: "stop", edge: "stop" },
};

const order: State[] = ["signed", "checked", "landed", "ready", "planned", "parked", "rejected"];

/** Ends by state in words: "12 signed, 8 landed, 260 ready". */
export function sayLace(lace: Run[]): string {
  const counts = order.map((state) => [state, sum(lace.filter((run) => run.state === state))] as const);
  return (
    counts
      .filter(([, ends]) => ends > 0)
      .map(([state, ends]) => `${ends} ${looks[state].word}`)
      .join(", ") || "no ends yet"
  );
}

const sum = (lace: Run[]) => lace.reduce((ends, run) => ends + run.ends, 0);

const Stitch = chakra("rect");

/** A job's ends as a lace: one stitch an end while there is room, else each stitch for several alike. */
export function Lace({ lace, height = 30 }: { lace: Run[]; height?: number }) {
  const [ref, size] = useSize<HTMLDivElement>();
  const ends = sum(lace);
  const width = Math.max(1, size.width);
  const pitch = Math.max(3, Math.min(9, width / Math.max(1, ends)));
  const each = Math.max(1, Math.ceil((ends * pitch) / width));
  const stitches = lace.flatMap((run) =>
    Array.from({ length: Math.max(1, Math.round(run.ends / each)) }, () => run.state),
  );
  return (
    <Box>
      <Box ref={ref} h={`${height}px`} role="img" aria-label={`Ends: ${sayLace(lace)}`} overflow="hidden">
        <svg width={width} height={height} aria-hidden style={{ display: "block" }}>
          <line x1={0} x2={width} y1={height - 1} y2={height - 1} stroke="currentColor" opacity={0.35} />
          {size.width > 0 &&
            stitches.map((state, i) => {
              const { tall, fill, edge } = looks[state];
              return (
                <Stitch
                  key={i}
                  x={i * pitch + 0.5}
                  y={height - 1 - tall * (height - 4)}
                  width={Math.max(1.5, pitch - 1.5)}
                  height={tall * (height - 4)}
                  fill={fill}
                  stroke={edge}
                  strokeWidth={1}
                />
              );
            })}
        </svg>
      </Box>
      <Box textStyle="note" color="ink.soft">
        {sayLace(lace)}
        {each > 1 && ends > 0 && ` · a stitch is ${each} ends`}
      </Box>
    </Box>
  );
}

const shapes: Record<State, string> = {
  planned: "○",
  ready: "◔",
  landed: "◑",
  checked: "◕",
  signed: "●",
  parked: "⏸",
  rejected: "⊗",
};

const colours: Partial<Record<State, string>> = { signed: "go", rejected: "stop" };

/** How far an end is, in a shape and a word. */
export function EndStateWord({ progress }: { progress: Schemas["EndProgress"] }) {
  return (
    <chakra.span whiteSpace="nowrap" color={colours[progress.state]}>
      <span aria-hidden>{shapes[progress.state]} </span>
      {looks[progress.state].word}
      {progress.olderPlan && (
        <chakra.span color="caution" fontWeight={700}>
          , landed to an older plan
        </chakra.span>
      )}
    </chakra.span>
  );
}
