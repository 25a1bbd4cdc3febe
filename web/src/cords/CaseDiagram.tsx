import { useSay } from "../shared/tradeWords";
const token = (name: string) => `var(--chakra-colors-${name})`;
// In units of the drawing.
// eslint-disable-next-line no-restricted-syntax -- of the drawing, not of the page
const print = { fontSize: 15 };

/** The filter in its case: two capacitors from the supply to the case, and the earth that may be open. */
export function CaseDiagram({
  open,
  reversed,
  filter,
  volts,
}: {
  open: boolean;
  reversed: boolean;
  filter: "both" | "line" | "neutral";
  volts: number;
}) {
  const say = useSay();
  const ink = { stroke: token("ink"), strokeWidth: 2.5, fill: "none" };
  const [upper, lower] = reversed ? ["N", "L"] : ["L", "N"];
  const text = { fill: token("ink"), style: print };
  return (
    <svg
      viewBox="0 0 440 210"
      width="100%"
      style={{ maxWidth: 620, display: "block" }}
      role="img"
      aria-label={`A mains filter in its case, the ${say("earth")} ${open ? "open" : "whole"}: the case stands at ${volts.toFixed(0)} volts`}
    >
      <rect
        x={150}
        y={20}
        width={230}
        height={150}
        rx={8}
        fill={volts > 1 ? token("stop-wash") : "none"}
        stroke={token(volts > 1 ? "stop" : "ink")}
        strokeWidth={2.5}
      />
      <text x={372} y={40} textAnchor="end" {...text}>
        case, {volts.toFixed(0)} V
      </text>
      <path d="M30 60H330" {...ink} />
      <path d="M30 140H330" {...ink} />
      <text x={10} y={65} fontWeight={700} {...text}>
        {upper}
      </text>
      <text x={10} y={145} fontWeight={700} {...text}>
        {lower}
      </text>
      <text x={322} y={105} textAnchor="end" {...text}>
        machine
      </text>
      <path d="M330 60V88M330 140V112" {...ink} />
      {/* The two capacitors meet at the case. */}
      {filter !== "neutral" && <path d="M230 60V76M214 76H246M214 84H246M230 84V100" {...ink} />}
      {filter !== "line" && <path d="M230 140V124M214 124H246M214 116H246M230 116V100" {...ink} />}
      <path d="M230 100H150" {...ink} />
      <circle cx={150} cy={100} r={5} fill={token("ink")} />
      {/* The earth: out of the case and down. */}
      <path
        d={open ? "M150 100H118M96 112L112 88" : "M150 100H84"}
        {...ink}
        stroke={open ? token("stop") : token("go")}
      />
      <path d="M84 100V178M64 178H104M71 186H97M78 194H90" {...ink} stroke={token("go")} />
      {open && (
        <text x={88} y={82} fontWeight={700} fill={token("stop")} style={print}>
          open
        </text>
      )}
    </svg>
  );
}
