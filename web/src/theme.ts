import { createSystem, defaultBaseConfig, defineConfig, defineSlotRecipe } from "@chakra-ui/react";
import { breakpoints, dialogSlotRecipe, keyframes, tokens } from "@chakra-ui/react/theme";

// Every colour of the application, light and dark. Components name what a thing is, never a colour.
const pair = (light: string, dark: string) => ({ value: { _light: light, _dark: dark } });

// A dialog stands out from the page behind it, by its edge and by what dims the page.
const dialog = defineSlotRecipe({
  ...dialogSlotRecipe,
  base: {
    ...dialogSlotRecipe.base,
    backdrop: { ...dialogSlotRecipe.base?.backdrop, bg: "scrim" },
    content: {
      ...dialogSlotRecipe.base?.content,
      borderWidth: "1px",
      borderColor: "line.strong",
      borderRadius: "lg",
      shadow: "0 12px 40px {colors.scrim}",
    },
    title: { ...dialogSlotRecipe.base?.title, fontSize: "20px", fontWeight: 700 },
  },
});

const cell = { px: 2, py: 2, verticalAlign: "top", borderBottomWidth: "1px", borderColor: "line" };
const table = defineSlotRecipe({
  className: "table",
  slots: ["root", "header", "body", "row", "columnHeader", "cell", "footer", "caption"],
  base: {
    root: { w: "full", textAlign: "start", borderCollapse: "collapse" },
    columnHeader: { ...cell, fontWeight: 700, textAlign: "start" },
    cell,
  },
});

const config = defineConfig({
  preflight: true,
  globalCss: {
    "html, body": { bg: "paper", color: "ink", fontFamily: "body", fontSize: "16px", lineHeight: 1.4 },
    "*:focus-visible": { outline: "3px solid {colors.focus}", outlineOffset: "2px" },
    "*, *::before, *::after": {
      _motionReduce: { animationDuration: "0s !important", transitionDuration: "0s !important" },
    },
  },
  theme: {
    breakpoints,
    keyframes,
    slotRecipes: { dialog, table },
    tokens: {
      // The library's measures, without its colours: those are ours alone.
      spacing: tokens.spacing,
      sizes: tokens.sizes,
      radii: tokens.radii,
      zIndex: tokens.zIndex,
      durations: tokens.durations,
      easings: tokens.easings,
      fonts: {
        heading: { value: "'Atkinson Hyperlegible Next', sans-serif" },
        body: { value: "'Atkinson Hyperlegible Next', sans-serif" },
        numerals: { value: "'Atkinson Hyperlegible Mono', monospace" },
      },
    },
    semanticTokens: {
      colors: {
        paper: {
          DEFAULT: pair("#f7f2e9", "#171513"),
          raised: pair("#fffdf8", "#211e1b"),
          sunk: pair("#ece4d6", "#100f0d"),
        },
        ink: { DEFAULT: pair("#241f1a", "#f1ebe1"), soft: pair("#5d5347", "#b9aea0") },
        line: { DEFAULT: pair("#cfc3b0", "#453e36"), strong: pair("#8a7d6b", "#857a6c") },
        copper: {
          DEFAULT: pair("#9c4a1d", "#e39a6c"),
          wash: pair("#f3ddcd", "#3b2619"),
          ink: pair("#fffaf5", "#24140a"),
        },
        scrim: pair("#241f1a66", "#00000099"),
        focus: pair("#1f5fa8", "#8ec1ff"),
        go: { DEFAULT: pair("#1c6b3c", "#7fd49b"), wash: pair("#dcefe0", "#17301f") },
        caution: { DEFAULT: pair("#7a5200", "#f0c261"), wash: pair("#f8e9c6", "#382b0e") },
        stop: { DEFAULT: pair("#a31d1d", "#ff9a8f"), wash: pair("#fbdfda", "#421915") },
        // In drawings. Insulation colours mean insulation and nothing else.
        draw: {
          insulation: pair("#3d3a37", "#6d6862"),
          copper: { DEFAULT: pair("#d08a5b", "#d08a5b"), edge: pair("#84481f", "#f0b78e") },
          aluminium: { DEFAULT: pair("#c4c7ca", "#c4c7ca"), edge: pair("#6d7277", "#eef0f2") },
          tin: pair("#c9ccd0", "#aab0b6"),
          collar: pair("#e6dcc9", "#4c463d"),
          sealant: pair("#7fa8b8", "#3d6472"),
          steel: { DEFAULT: pair("#aeb4ba", "#7d848b"), edge: pair("#545b62", "#d5dade") },
          spring: pair("#7f8f86", "#a9bdb2"),
          lever: pair("#c9b18a", "#8a744f"),
          plate: pair("#e3d9b8", "#4d4730"),
          body: pair("#d9dde0", "#343a40"),
          opening: pair("#f7f2e9", "#171513"),
          window: { DEFAULT: pair("#8fbf9f66", "#4f8d6566"), edge: pair("#1c6b3c", "#7fd49b") },
          fault: pair("#a31d1d", "#ff9a8f"),
          brass: pair("#cfa548", "#c49a3f"),
          silver: pair("#d8dbde", "#b9bec3"),
          green: pair("#4f9a5b", "#5fae6c"),
          rail: pair("#c3c6c9", "#4a5057"),
          // The same in light and dark: a red wire is red in a dark cupboard too.
          hue: {
            black: { value: "#26231f" },
            brown: { value: "#7a4a24" },
            red: { value: "#c8322b" },
            orange: { value: "#e07a1f" },
            yellow: { value: "#e8c62f" },
            green: { value: "#2f8a47" },
            blue: { value: "#2f62b8" },
            violet: { value: "#7c4aa8" },
            grey: { value: "#8d9196" },
            white: { value: "#fbfaf6" },
            pink: { value: "#e79ab0" },
            turquoise: { value: "#35a9a4" },
            bare: { value: "#c98a58" },
            unknown: { value: "#b7aa97" },
          },
        },
      },
    },
  },
});

export const system = createSystem(defaultBaseConfig, config);
