import { Box, chakra, Flex } from "@chakra-ui/react";
import { memo } from "react";
import type { Schemas } from "../../client";
import { ring, slice } from "./paths";

const token = (name: string) => `var(--chakra-colors-${name})`;

type Severity = Schemas["Severity"];
type State = Schemas["EndState"];

/** How bad: an octagon stops, a diamond is to be put right, a ring is to be known. */
export function Mark({ severity, x, y, size }: { severity: Severity; x: number; y: number; size: number }) {
  const r = size / 2;
  const fill = { stop: token("stop"), fix: token("caution"), note: token("paper-raised") }[severity];
  const common = {
    fill,
    stroke: token(severity === "note" ? "ink-soft" : "paper-raised"),
    strokeWidth: size * 0.1,
  };
  return (
    <g transform={`translate(${x} ${y})`} data-mark={severity}>
      {severity === "stop" ? (
        <path
          {...common}
          d={`M${-0.41 * r} ${-r}H${0.41 * r}L${r} ${-0.41 * r}V${0.41 * r}L${0.41 * r} ${r}H${-0.41 * r}L${-r} ${0.41 * r}V${-0.41 * r}Z`}
        />
      ) : severity === "fix" ? (
        <path {...common} d={`M0 ${-r}L${r} 0L0 ${r}L${-r} 0Z`} />
      ) : (
        <circle {...common} r={r * 0.8} />
      )}
    </g>
  );
}

/** What waits: two bars. */
const bars = (x: number, y: number, r: number) =>
  [-0.35, 0.35].map((by) => `M${x + by * r} ${y - r * 0.55}V${y + r * 0.55}`).join("");
/** What goes no further: a cross. */
const cross = (x: number, y: number, r: number) =>
  `M${x - r * 0.5} ${y - r * 0.5}L${x + r * 0.5} ${y + r * 0.5}M${x + r * 0.5} ${y - r * 0.5}L${x - r * 0.5} ${y + r * 0.5}`;

interface Look {
  edge: string;
  /** How much of the disc is filled. */
  full: number;
  mark?: (x: number, y: number, r: number) => string;
}

/** How far: an empty ring grows full, as its word says in the legend. */
const looks: Record<State, Look> = {
  planned: { edge: "line-strong", full: 0 },
  ready: { edge: "copper", full: 0.25 },
  landed: { edge: "copper", full: 0.5 },
  checked: { edge: "copper", full: 0.75 },
  signed: { edge: "go", full: 1 },
  parked: { edge: "ink", full: 0, mark: bars },
  rejected: { edge: "stop", full: 0, mark: cross },
};

/** The state of all ends that are as far as each other, where each leaves its slot. */
export function StateSigns({
  state,
  at,
  r,
}: {
  state: State;
  at: readonly (readonly [number, number])[];
  r: number;
}) {
  const { edge, full, mark } = looks[state];
  return (
    <g data-state={state}>
      <path
        d={at.map(([x, y]) => ring(x, y, r)).join("")}
        fill={full === 1 ? token(edge) : token("paper-raised")}
        stroke={token(edge)}
        strokeWidth={r * 0.3}
      />
      {full > 0 && full < 1 && (
        <path d={at.map(([x, y]) => slice(x, y, r, full)).join("")} fill={token(edge)} />
      )}
      {mark && (
        <path
          d={at.map(([x, y]) => mark(x, y, r)).join("")}
          stroke={token(edge)}
          strokeWidth={r * 0.35}
          fill="none"
        />
      )}
    </g>
  );
}

/** Ends that were landed to a plan that was changed since: struck through. */
export function OlderPlan({ at, r }: { at: readonly (readonly [number, number])[]; r: number }) {
  return (
    <path
      d={at.map(([x, y]) => `M${x - r} ${y + r}L${x + r} ${y - r}`).join("")}
      stroke={token("caution")}
      strokeWidth={r * 0.44}
    />
  );
}

const Sign = ({ children, word }: { children: React.ReactNode; word: string }) => (
  <Flex gap={1} alignItems="center">
    <svg width={18} height={18} viewBox="-3 -3 6 6" aria-hidden>
      {children}
    </svg>
    <chakra.span whiteSpace="nowrap">{word}</chakra.span>
  </Flex>
);

const middle = [[0, 0]] as const;

/** What the signs of a board mean. */
export const Legend = memo(function Legend() {
  return (
    <Flex
      gap={3}
      rowGap={1}
      flexWrap="wrap"
      textStyle="note"
      color="ink.soft"
      aria-label="Legend"
      role="group"
    >
      {(["planned", "ready", "landed", "checked", "signed", "parked", "rejected"] as const).map((state) => (
        <Sign key={state} word={state}>
          <StateSigns state={state} at={middle} r={2.2} />
        </Sign>
      ))}
      <Sign word="landed to an older plan">
        <StateSigns state="landed" at={middle} r={2.2} />
        <OlderPlan at={middle} r={2.6} />
      </Sign>
      {(["stop", "fix", "note"] as const).map((severity) => (
        <Sign key={severity} word={severity}>
          <Mark severity={severity} x={0} y={0} size={4.6} />
        </Sign>
      ))}
      <Box>Up: to this enclosure. Down: to outside.</Box>
    </Flex>
  );
});
