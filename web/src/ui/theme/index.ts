import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";
import { breakpoints, keyframes, tokens } from "@chakra-ui/react/theme";
import { colours } from "./colours";
import { recipes } from "./recipes";
import { slotRecipes } from "./slotRecipes";
import { textStyles } from "./textStyles";

const config = defineConfig({
  preflight: true,
  globalCss: {
    // Paper shows the work alone: no rail, no toast, nothing cut in two.
    "html, body": { bg: "paper", color: "ink", textStyle: "body", _print: { bg: "white" } },
    "nav, [data-screen-only], [data-scope=toast]": { _print: { display: "none !important" } },
    // A colour that means something is printed; paper is left as it is.
    "[data-colours]": { printColorAdjust: "exact" },
    "main li, [data-scene]": { _print: { breakInside: "avoid" } },
    "*:focus-visible": { outline: "3px solid {colors.focus}", outlineOffset: "2px" },
    "*, *::before, *::after": {
      _motionReduce: { animationDuration: "0s !important", transitionDuration: "0s !important" },
    },
  },
  theme: {
    breakpoints,
    keyframes,
    recipes,
    slotRecipes,
    textStyles,
    tokens: {
      // The library's measures, without its colours: those are ours alone.
      spacing: tokens.spacing,
      sizes: { ...tokens.sizes, target: { value: "44px" }, thumb: { value: "64px" } },
      radii: tokens.radii,
      zIndex: tokens.zIndex,
      durations: tokens.durations,
      easings: tokens.easings,
      shadows: {
        raised: { value: "0 2px 8px {colors.scrim}" },
        sheet: { value: "0 12px 40px {colors.scrim}" },
      },
      fonts: {
        heading: { value: "'Atkinson Hyperlegible Next', sans-serif" },
        body: { value: "'Atkinson Hyperlegible Next', sans-serif" },
        numerals: { value: "'Atkinson Hyperlegible Mono', monospace" },
      },
    },
    semanticTokens: { colors: colours },
  },
});

export const system = createSystem(defaultBaseConfig, config);
