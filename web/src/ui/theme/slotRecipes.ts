import { defineSlotRecipe } from "@chakra-ui/react";
import { controlRecipes } from "./controlRecipes";
import { overlayRecipes } from "./overlayRecipes";

const cell = {
  px: 2,
  py: 2,
  verticalAlign: "top",
  borderBottomWidth: "1px",
  borderColor: "line",
  textAlign: "start",
};
const table = defineSlotRecipe({
  className: "table",
  slots: ["root", "header", "body", "row", "columnHeader", "cell", "footer", "caption"],
  base: {
    root: { w: "full", textAlign: "start", borderCollapse: "collapse", textStyle: "dense" },
    columnHeader: { ...cell, textStyle: "note", fontWeight: 700, color: "ink.soft" },
    cell,
    caption: { captionSide: "top", textAlign: "start", textStyle: "note", color: "ink.soft" },
  },
});

const statuses = {
  info: { root: { bg: "paper.sunk", borderColor: "line.strong" } },
  success: { root: { bg: "go.wash", borderColor: "go" }, indicator: { color: "go" } },
  warning: { root: { bg: "caution.wash", borderColor: "caution" }, indicator: { color: "caution" } },
  error: { root: { bg: "stop.wash", borderColor: "stop" }, indicator: { color: "stop" } },
};
const alert = defineSlotRecipe({
  className: "alert",
  slots: ["root", "indicator", "content", "title", "description"],
  base: {
    root: {
      display: "flex",
      alignItems: "flex-start",
      gap: 2,
      w: "full",
      px: 3,
      py: 2,
      rounded: "md",
      borderWidth: "1px",
      color: "ink",
    },
    indicator: { flexShrink: 0, mt: "2px", _icon: { boxSize: 5 } },
    content: { flex: 1, minW: 0 },
    title: { fontWeight: 700 },
  },
  variants: { status: statuses },
  defaultVariants: { status: "info" },
});

const collapsible = defineSlotRecipe({
  className: "collapsible",
  slots: ["root", "trigger", "content", "indicator"],
  base: {
    trigger: {
      display: "flex",
      alignItems: "center",
      gap: 2,
      minH: "target",
      py: 1,
      w: "full",
      textAlign: "start",
      fontWeight: 600,
      cursor: "pointer",
      rounded: "sm",
    },
    indicator: {
      color: "ink.soft",
      flexShrink: 0,
      transition: "transform 0.15s",
      _icon: { boxSize: 4 },
      _open: { transform: "rotate(90deg)" },
    },
    content: { overflow: "visible" },
  },
});

const progress = defineSlotRecipe({
  className: "progress",
  slots: ["root", "label", "track", "range", "valueText", "view", "circle", "circleTrack", "circleRange"],
  base: {
    root: { w: "full" },
    label: { textStyle: "dense" },
    valueText: { textStyle: "note", fontFamily: "numerals" },
    track: {
      h: "10px",
      rounded: "full",
      bg: "paper.sunk",
      borderWidth: "1px",
      borderColor: "line",
      overflow: "hidden",
    },
    range: {
      h: "full",
      bg: "copper",
      transition: "width 0.2s",
      _indeterminate: { w: "40%", animation: "pulse" },
    },
  },
});

const emptyState = defineSlotRecipe({
  className: "empty-state",
  slots: ["root", "content", "indicator", "title", "description"],
  base: {
    root: { w: "full", py: 8, px: 4 },
    content: { display: "flex", flexDirection: "column", alignItems: "center", gap: 3, textAlign: "center" },
    indicator: { color: "ink.soft", _icon: { boxSize: 12 } },
    title: { textStyle: "heading" },
    description: { color: "ink.soft", maxW: "46ch" },
  },
});

export const slotRecipes = {
  ...controlRecipes,
  ...overlayRecipes,
  alert,
  collapsible,
  emptyState,
  progress,
  table,
};
