import { Chart, useChart } from "@chakra-ui/charts";
import { Box } from "@chakra-ui/react";
import { Bar, BarChart, XAxis, YAxis } from "recharts";
import type { Schemas } from "../../client";
import { ticks } from "./ticks";

const words: Record<Schemas["Harm"], string> = {
  shock: "Shock",
  fire: "Fire",
  equipment: "Equipment",
  fit: "Fit",
  craft: "Craft",
};

/** How many findings are open by what they would do to whom: stops, fixes and notes, stacked. */
export default function HarmPlot({ harms }: { harms: readonly Schemas["HarmCount"][] }) {
  const data = harms.map(({ harm, stops, fixes, notes }) => ({ harm: words[harm], stops, fixes, notes }));
  const chart = useChart({
    data,
    series: [
      { name: "stops", color: "stop" },
      { name: "fixes", color: "caution" },
      { name: "notes", color: "line.strong" },
    ],
  });
  const says = data
    .map(({ harm, stops, fixes, notes }) => `${harm}: ${stops} stops, ${fixes} fixes, ${notes} notes`)
    .join("; ");
  return (
    <Box role="img" aria-label={`Findings by harm. ${says}`}>
      <Chart.Root chart={chart} h={`${harms.length * 34 + 30}px`} aspectRatio="auto">
        <BarChart
          responsive
          data={chart.data}
          layout="vertical"
          margin={{ top: 0, right: 8, bottom: 0, left: 0 }}
        >
          <XAxis {...ticks(chart)} type="number" allowDecimals={false} axisLine={false} height={22} />
          <YAxis {...ticks(chart)} type="category" dataKey="harm" width={84} axisLine={false} />
          {chart.series.map((item) => (
            <Bar
              key={item.name}
              dataKey={chart.key(item.name)}
              fill={chart.color(item.color)}
              stackId="open"
              barSize={16}
              isAnimationActive={false}
            />
          ))}
        </BarChart>
      </Chart.Root>
    </Box>
  );
}
