import { Chart, useChart } from "@chakra-ui/charts";
import { Box, chakra } from "@chakra-ui/react";
import { CartesianGrid, Legend, Line, LineChart, ReferenceLine, XAxis, YAxis } from "recharts";
import type { Schemas } from "../../client";
import { ticks } from "./ticks";

const colours = ["line.strong", "copper", "ink.soft"];
const dashes = ["6 4", undefined, "2 3"];

/** What a cord, and those next to it in size, lose over their length, against what is advised. */
export default function DropPlot({
  drops,
  advised,
  lengthM,
}: {
  drops: readonly Schemas["DropAtLength"][];
  advised: number;
  lengthM: number;
}) {
  const sizes = drops[0]?.sizes.map(({ size }) => size) ?? [];
  const chart = useChart({
    data: drops.map(({ lengthM: length, sizes: of }): Record<string, number> => ({
      length,
      ...Object.fromEntries(of.map(({ size, percent }) => [size, percent])),
    })),
    series: sizes.map((size, i) => ({ name: size, color: colours[i] ?? "ink" })),
  });
  const there = drops.find(({ lengthM: length }) => length === lengthM);
  const says = there?.sizes.map(({ size, percent }) => `${size} loses ${percent.toFixed(1)} %`).join(", ");
  return (
    <Box
      role="img"
      aria-label={`Voltage drop against length: at ${lengthM} m ${says}; ${advised} % is advised`}
    >
      <Chart.Root chart={chart} h="240px" aspectRatio="auto">
        <LineChart responsive data={chart.data} margin={{ top: 8, right: 16, bottom: 4, left: 0 }}>
          <CartesianGrid stroke={chart.color("line")} vertical={false} />
          <XAxis {...ticks(chart)} dataKey="length" type="number" unit=" m" domain={[0, "dataMax"]} />
          <YAxis {...ticks(chart)} unit=" %" width={54} axisLine={false} />
          <Legend
            verticalAlign="top"
            height={26}
            formatter={(size: string) => <chakra.span color="ink">{size}</chakra.span>}
          />
          <ReferenceLine
            y={advised}
            stroke={chart.color("stop")}
            label={{ value: `${advised} % advised`, position: "insideBottomLeft", fill: chart.color("ink") }}
          />
          <ReferenceLine x={lengthM} stroke={chart.color("copper")} strokeDasharray="3 3" />
          {chart.series.map((item, i) => (
            <Line
              key={item.name}
              dataKey={chart.key(item.name)}
              stroke={chart.color(item.color)}
              strokeWidth={2.5}
              {...(dashes[i] && { strokeDasharray: dashes[i] })}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </LineChart>
      </Chart.Root>
    </Box>
  );
}
