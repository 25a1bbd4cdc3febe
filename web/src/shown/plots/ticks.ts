import type { UseChartReturn } from "@chakra-ui/charts";

/** What stands along an axis, in the theme’s own ink: the library sets its own grey in place. */
export const ticks = <T>(chart: UseChartReturn<T>) => ({
  tick: { fill: chart.color("ink.soft") },
  tickLine: false,
});
