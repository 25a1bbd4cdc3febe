import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import type { Stub } from "./boardModel";

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

/** How far: an empty ring grows full, as its word says in the legend. */
export function StateSign({ state, x, y, r }: { state: State; x: number; y: number; r: number }) {
  const edge = { planned: "line-strong", ready: "copper", landed: "copper", checked: "copper", signed: "go" }[
    state
  ];
  const full = { planned: 0, ready: 0.25, landed: 0.5, checked: 0.75, signed: 1 }[state];
  const angle = full * 2 * Math.PI - Math.PI / 2;
  return (
    <g transform={`translate(${x} ${y})`} data-state={state}>
      <circle
        r={r}
        fill={full === 1 ? token(edge) : token("paper-raised")}
        stroke={token(edge)}
        strokeWidth={r * 0.3}
      />
      {full > 0 && full < 1 && (
        <path
          d={`M0 0V${-r}A${r} ${r} 0 ${full > 0.5 ? 1 : 0} 1 ${r * Math.cos(angle)} ${r * Math.sin(angle)}Z`}
          fill={token(edge)}
        />
      )}
    </g>
  );
}

/** The state of an end, where it leaves its slot. */
export function StateDot({ stub, faded }: { stub: Stub; faded: boolean }) {
  const long = Math.hypot(stub.toX - stub.x, stub.toY - stub.y) || 1;
  const [x, y] = [stub.x + ((stub.toX - stub.x) / long) * 1.6, stub.y + ((stub.toY - stub.y) / long) * 1.6];
  return (
    <g opacity={faded ? 0.16 : 1}>
      <StateSign state={stub.state} x={x} y={y} r={1.25} />
      {stub.olderPlan && (
        <path
          d={`M${x - 1.6} ${y + 1.6}L${x + 1.6} ${y - 1.6}`}
          stroke={token("caution")}
          strokeWidth={0.7}
        />
      )}
    </g>
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

/** What the signs of a board mean. */
export function Legend() {
  return (
    <Flex
      gap={3}
      rowGap={1}
      flexWrap="wrap"
      fontSize="14px"
      color="ink.soft"
      aria-label="Legend"
      role="group"
    >
      {(["planned", "ready", "landed", "checked", "signed"] as const).map((state) => (
        <Sign key={state} word={state}>
          <StateSign state={state} x={0} y={0} r={2.2} />
        </Sign>
      ))}
      <Sign word="landed to an older plan">
        <StateSign state="landed" x={0} y={0} r={2.2} />
        <path d="M-2.6 2.6L2.6-2.6" stroke={token("caution")} strokeWidth={0.9} />
      </Sign>
      {(["stop", "fix", "note"] as const).map((severity) => (
        <Sign key={severity} word={severity}>
          <Mark severity={severity} x={0} y={0} size={4.6} />
        </Sign>
      ))}
      <Box>Up: to this enclosure. Down: to outside.</Box>
    </Flex>
  );
}
