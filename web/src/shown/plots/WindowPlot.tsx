import { Chart, useChart } from "@chakra-ui/charts";
import { Box } from "@chakra-ui/react";
import { ReferenceArea, ReferenceLine, Scatter, ScatterChart, XAxis, YAxis } from "recharts";
import { ticks } from "./ticks";

export interface Placed {
  /** The event’s number. */
  event: number;
  /** Where it lies in its window: 0 at the least, 100 at the most. */
  place: number;
}

/** Where readings lie in their windows, event by event: within the band they pass. */
export default function WindowPlot({ placed }: { placed: readonly Placed[] }) {
  const shown = placed.map(({ event, place }) => ({ event, place: Math.max(-50, Math.min(150, place)) }));
  const chart = useChart({ data: shown, series: [{ name: "place", color: "copper" }] });
  const outside = placed.filter(({ place }) => place < 0 || place > 100).length;
  return (
    <Box
      role="img"
      aria-label={`Where ${placed.length} torque readings lie in their windows: ${outside} outside`}
    >
      <Chart.Root chart={chart} h="150px" aspectRatio="auto">
        <ScatterChart responsive margin={{ top: 6, right: 12, bottom: 0, left: 0 }}>
          <ReferenceArea y1={0} y2={100} fill={chart.color("draw.window")} fillOpacity={0.6} />
          <ReferenceLine y={50} stroke={chart.color("ink.soft")} strokeDasharray="4 4" />
          <XAxis
            {...ticks(chart)}
            type="number"
            dataKey="event"
            domain={["dataMin - 1", "dataMax + 1"]}
            allowDecimals={false}
          />
          <YAxis
            {...ticks(chart)}
            type="number"
            dataKey="place"
            domain={[-50, 150]}
            ticks={[0, 50, 100]}
            tickFormatter={(at: number) => (at === 0 ? "least" : at === 100 ? "most" : "target")}
            width={60}
          />
          <Scatter data={chart.data} fill={chart.color("copper")} isAnimationActive={false} />
        </ScatterChart>
      </Chart.Root>
    </Box>
  );
}
