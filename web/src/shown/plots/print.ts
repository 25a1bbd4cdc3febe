/** What is printed on a plot, in the theme’s own ink. */
export const print = {
  "& .recharts-cartesian-axis-tick-value": { fill: "ink.soft" },
  "& .recharts-label": { fill: "ink" },
};
