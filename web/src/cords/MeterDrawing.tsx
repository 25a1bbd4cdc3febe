const token = (name: string) => `var(--chakra-colors-${name})`;

/** How the probes are held: one on a blade of the plug, the other on a bare end at the far side. */
export function MeterDrawing({ conductors }: { conductors: number }) {
  const ends = Array.from({ length: conductors }, (_, i) => 30 + i * 22);
  return (
    <svg
      viewBox="0 0 420 150"
      width="100%"
      style={{ maxWidth: 560, display: "block" }}
      role="img"
      aria-label="One probe on a blade of the plug, the other on each bare end in turn"
    >
      <rect
        x={40}
        y={18}
        width={60}
        height={80}
        rx={10}
        fill={token("draw-body")}
        stroke={token("draw-steel-edge")}
      />
      {ends.map((y) => (
        <g key={y}>
          <rect
            x={10}
            y={y - 3}
            width={30}
            height={6}
            fill={token("draw-tin")}
            stroke={token("draw-steel-edge")}
          />
          <path
            d={`M100 ${y}C180 ${y} 220 ${58 + (y - 52) / 4} 250 ${58 + (y - 52) / 4}S330 ${y} 360 ${y}`}
            fill="none"
            stroke={token("draw-insulation")}
            strokeWidth={9}
          />
          <line x1={360} x2={396} y1={y} y2={y} stroke={token("draw-copper")} strokeWidth={5} />
        </g>
      ))}
      <rect
        x={185}
        y={108}
        width={60}
        height={38}
        rx={5}
        fill={token("draw-lever")}
        stroke={token("draw-steel-edge")}
      />
      <text
        x={215}
        y={133}
        textAnchor="middle"
        style={{ fontSize: 18 }}
        fill={token("ink")}
        stroke={token("paper-raised")}
        strokeWidth={3}
        paintOrder="stroke"
      >
        Ω
      </text>
      <path
        d={`M185 126C90 126 20 120 20 ${ends[0] ?? 30}`}
        fill="none"
        stroke={token("stop")}
        strokeWidth={3}
      />
      <path
        d={`M245 126C330 126 400 120 396 ${ends.at(-1) ?? 30}`}
        fill="none"
        stroke={token("ink")}
        strokeWidth={3}
      />
    </svg>
  );
}
