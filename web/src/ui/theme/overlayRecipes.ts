import { defineSlotRecipe } from "@chakra-ui/react";
import { dialogSlotRecipe, drawerSlotRecipe } from "@chakra-ui/react/theme";

const edge = { borderWidth: "1px", borderColor: "line.strong", shadow: "sheet" } as const;

// A dialog stands out from the page behind it, by its edge and by what dims the page; on a phone it is a sheet from below.
const dialog = defineSlotRecipe({
  className: "dialog",
  slots: dialogSlotRecipe.slots,
  base: {
    ...dialogSlotRecipe.base,
    backdrop: { ...dialogSlotRecipe.base?.backdrop, bg: "scrim" },
    positioner: { ...dialogSlotRecipe.base?.positioner, alignItems: { base: "flex-end", md: "center" } },
    content: {
      ...dialogSlotRecipe.base?.content,
      ...edge,
      textStyle: "body",
      bg: "paper.raised",
      color: "ink",
      mx: { base: 0, md: "auto" },
      my: { base: 0, md: "auto" },
      w: { base: "full", md: "calc(100% - 24px)" },
      _open: { animationName: "slide-from-bottom, fade-in", animationDuration: "moderate" },
      maxH: { base: "92dvh", md: "calc(100dvh - 64px)" },
      borderRadius: "lg",
      borderBottomRadius: { base: 0, md: "lg" },
    },
    header: { ...dialogSlotRecipe.base?.header, px: { base: 4, md: 6 }, pt: { base: 4, md: 5 }, pb: 2 },
    body: {
      flex: 1,
      px: { base: 4, md: 6 },
      py: 2,
      overflow: "auto",
      _focusVisible: { outlineOffset: "-3px" },
    },
    footer: {
      display: "flex",
      flexWrap: "wrap",
      alignItems: "center",
      justifyContent: "flex-end",
      gap: 2,
      px: { base: 4, md: 6 },
      pt: 3,
      pb: 4,
    },
    title: { textStyle: "heading" },
  },
  variants: {
    size: {
      sm: { content: { maxW: { md: "440px" } } },
      md: { content: { maxW: { md: "560px" } } },
      lg: { content: { maxW: { md: "720px" } } },
      xl: { content: { maxW: { md: "900px" } } },
    },
  },
  defaultVariants: { size: "md" },
});

const drawer = defineSlotRecipe({
  ...drawerSlotRecipe,
  base: {
    ...drawerSlotRecipe.base,
    backdrop: { ...drawerSlotRecipe.base?.backdrop, bg: "scrim" },
    content: {
      ...drawerSlotRecipe.base?.content,
      ...edge,
      textStyle: "body",
      bg: "paper.raised",
      color: "ink",
      borderTopRadius: "lg",
    },
    header: { display: "flex", alignItems: "center", gap: 2, px: 4, pt: 3, pb: 1 },
    body: { flex: 1, px: 4, py: 2, overflow: "auto" },
    title: { flex: 1, textStyle: "heading" },
  },
});

const popover = defineSlotRecipe({
  className: "popover",
  slots: [
    "arrow",
    "arrowTip",
    "anchor",
    "trigger",
    "indicator",
    "positioner",
    "content",
    "title",
    "description",
    "closeTrigger",
    "header",
    "body",
    "footer",
  ],
  base: {
    content: {
      ...edge,
      bg: "paper.raised",
      color: "ink",
      rounded: "md",
      p: 3,
      maxW: "300px",
      textStyle: "dense",
      outline: 0,
      "--popover-z-index": "zIndex.popover",
      zIndex: "calc(var(--popover-z-index) + var(--layer-index, 0))",
    },
  },
});

const menu = defineSlotRecipe({
  className: "menu",
  slots: [
    "content",
    "item",
    "itemText",
    "itemIndicator",
    "itemGroup",
    "itemGroupLabel",
    "indicator",
    "itemCommand",
    "separator",
    "arrow",
    "arrowTip",
    "trigger",
    "triggerItem",
    "positioner",
    "contextTrigger",
  ],
  base: {
    content: {
      ...edge,
      bg: "paper.raised",
      color: "ink",
      rounded: "md",
      p: 1,
      minW: "220px",
      maxH: "var(--available-height)",
      overflowY: "auto",
      outline: 0,
      "--menu-z-index": "zIndex.popover",
      zIndex: "calc(var(--menu-z-index) + var(--layer-index, 0))",
    },
    item: {
      display: "flex",
      alignItems: "center",
      gap: 2,
      minH: "target",
      px: 3,
      rounded: "sm",
      cursor: "pointer",
      _highlighted: { bg: "copper.wash", color: "copper" },
      _disabled: { opacity: 0.55, cursor: "not-allowed" },
      _icon: { boxSize: 5 },
    },
    separator: { h: "1px", bg: "line", my: 1 },
    itemGroupLabel: { textStyle: "note", color: "ink.soft", px: 3, py: 1 },
    itemCommand: { textStyle: "note", color: "ink.soft", ms: "auto" },
  },
});

const tooltip = defineSlotRecipe({
  className: "tooltip",
  slots: ["trigger", "positioner", "content", "arrow", "arrowTip"],
  base: {
    content: {
      bg: "ink",
      color: "paper",
      px: 2,
      py: 1,
      rounded: "sm",
      textStyle: "note",
      maxW: "280px",
      shadow: "raised",
      zIndex: "tooltip",
    },
  },
});

const toast = defineSlotRecipe({
  className: "toast",
  slots: ["root", "title", "description", "indicator", "actionTrigger", "closeTrigger"],
  base: {
    root: {
      display: "flex",
      alignItems: "center",
      gap: 2,
      w: { base: "calc(100vw - 24px)", md: "420px" },
      ps: 4,
      pe: 1,
      py: 1,
      minH: "52px",
      rounded: "md",
      bg: "ink",
      color: "paper",
      shadow: "sheet",
      translate: "var(--x) var(--y)",
      scale: "var(--scale)",
      zIndex: "var(--z-index)",
      height: "var(--height)",
      opacity: "var(--opacity)",
      transition: "translate 300ms, scale 300ms, opacity 300ms, height 300ms",
      "&[data-type=error]": { bg: "stop.wash", color: "ink", borderWidth: "2px", borderColor: "stop" },
    },
    title: { fontWeight: 600, textStyle: "dense" },
    description: { textStyle: "dense" },
    actionTrigger: {
      minH: "target",
      px: 3,
      rounded: "md",
      fontWeight: 700,
      cursor: "pointer",
      textDecoration: "underline",
      textUnderlineOffset: "3px",
    },
    closeTrigger: {
      display: "inline-flex",
      alignItems: "center",
      justifyContent: "center",
      boxSize: "target",
      cursor: "pointer",
      _icon: { boxSize: 4 },
    },
  },
});

export const overlayRecipes = { dialog, drawer, menu, popover, toast, tooltip };
