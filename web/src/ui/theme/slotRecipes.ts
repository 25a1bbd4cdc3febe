import { defineSlotRecipe } from "@chakra-ui/react";
import { dialogSlotRecipe, drawerSlotRecipe } from "@chakra-ui/react/theme";
import { fieldStyle } from "./recipes";

const edge = { borderWidth: "1px", borderColor: "line.strong", shadow: "sheet" } as const;
const ring = { outline: "3px solid {colors.focus}", outlineOffset: "2px" } as const;

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

const fieldSlots = defineSlotRecipe({
  className: "field",
  slots: ["root", "label", "requiredIndicator", "errorText", "helperText"],
  base: {
    root: { display: "flex", flexDirection: "column", w: "full", minW: 0 },
    label: { textStyle: "note", color: "ink.soft" },
    errorText: { textStyle: "note", color: "stop", fontWeight: 600 },
    helperText: { textStyle: "note", color: "ink.soft" },
  },
});

const nativeSelect = defineSlotRecipe({
  className: "native-select",
  slots: ["root", "field", "indicator"],
  base: {
    root: { position: "relative", display: "flex", w: "full" },
    field: { ...fieldStyle, appearance: "none", pe: 8, textOverflow: "ellipsis" },
    indicator: {
      position: "absolute",
      insetEnd: 2,
      top: "50%",
      transform: "translateY(-50%)",
      pointerEvents: "none",
      color: "ink.soft",
      _icon: { boxSize: 4 },
    },
  },
});

const checkbox = defineSlotRecipe({
  className: "checkbox",
  slots: ["root", "label", "control", "indicator", "group"],
  base: {
    root: {
      display: "inline-flex",
      alignItems: "center",
      gap: 3,
      minH: "target",
      cursor: "pointer",
      position: "relative",
      _disabled: { opacity: 0.55, cursor: "not-allowed" },
    },
    control: {
      display: "inline-flex",
      alignItems: "center",
      justifyContent: "center",
      flexShrink: 0,
      boxSize: "22px",
      rounded: "sm",
      borderWidth: "2px",
      borderColor: "line.strong",
      bg: "paper",
      color: "copper.ink",
      _focusVisible: ring,
      _icon: { boxSize: "16px" },
      "&:is([data-state=checked], [data-state=indeterminate])": { bg: "copper", borderColor: "copper" },
    },
    label: { textStyle: "dense" },
  },
});

const segmentGroup = defineSlotRecipe({
  className: "segment-group",
  slots: ["root", "label", "item", "itemText", "itemControl", "indicator"],
  base: {
    // Each has its whole edge, on however many lines they stand.
    root: { display: "flex", flexWrap: "wrap", gap: 1, w: "full" },
    item: {
      display: "flex",
      alignItems: "center",
      justifyContent: "center",
      flex: "1 1 auto",
      minH: "target",
      minW: 0,
      px: 2,
      rounded: "md",
      borderWidth: "1px",
      borderColor: "line.strong",
      bg: "paper.raised",
      cursor: "pointer",
      textAlign: "center",
      textStyle: "dense",
      lineHeight: 1.2,
      userSelect: "none",
      position: "relative",
      _hover: { bg: "paper.sunk" },
      _checked: { bg: "copper.wash", color: "copper", borderColor: "copper", fontWeight: 700 },
      "&:has(input:focus-visible)": ring,
    },
  },
});

const radioCard = defineSlotRecipe({
  className: "radio-card",
  slots: [
    "root",
    "label",
    "item",
    "itemText",
    "itemDescription",
    "itemControl",
    "itemIndicator",
    "itemAddon",
    "itemContent",
  ],
  base: {
    root: { display: "block" },
    item: {
      display: "flex",
      flexDirection: "column",
      alignItems: "center",
      gap: 1,
      px: 1,
      py: 2,
      minW: 0,
      minH: "target",
      rounded: "md",
      borderWidth: "1px",
      borderColor: "line",
      bg: "paper.raised",
      cursor: "pointer",
      textAlign: "center",
      textStyle: "note",
      lineHeight: 1.2,
      position: "relative",
      _hover: { bg: "paper.sunk" },
      _checked: {
        bg: "copper.wash",
        borderColor: "copper",
        color: "copper",
        fontWeight: 700,
        boxShadow: "inset 0 0 0 1px {colors.copper}",
      },
      "&:has(input:focus-visible)": ring,
    },
  },
});

const radioGroup = defineSlotRecipe({
  className: "radio-group",
  slots: ["root", "label", "item", "itemText", "itemControl", "indicator", "itemAddon", "itemIndicator"],
  base: {
    root: { display: "flex", flexDirection: "column" },
    item: {
      display: "flex",
      alignItems: "center",
      gap: 3,
      minH: "target",
      cursor: "pointer",
      position: "relative",
      _checked: { fontWeight: 700 },
    },
    itemControl: {
      display: "inline-flex",
      flexShrink: 0,
      boxSize: "22px",
      rounded: "full",
      borderWidth: "2px",
      borderColor: "line.strong",
      bg: "paper",
      _checked: { borderColor: "copper", boxShadow: "inset 0 0 0 4px {colors.paper}", bg: "copper" },
      _focusVisible: ring,
      "& .dot": { display: "none" },
    },
  },
});

const slider = defineSlotRecipe({
  className: "slider",
  slots: [
    "root",
    "label",
    "thumb",
    "valueText",
    "track",
    "range",
    "control",
    "markerGroup",
    "marker",
    "draggingIndicator",
    "markerIndicator",
    "markerLabel",
  ],
  base: {
    root: { display: "flex", alignItems: "center", gap: 3, w: "full", minH: "target" },
    control: { position: "relative", display: "flex", alignItems: "center", flex: 1, minH: "target" },
    track: {
      h: "6px",
      w: "full",
      rounded: "full",
      bg: "paper.sunk",
      borderWidth: "1px",
      borderColor: "line.strong",
    },
    range: { h: "full", bg: "copper", rounded: "full" },
    thumb: {
      boxSize: "28px",
      rounded: "full",
      bg: "copper",
      borderWidth: "3px",
      borderColor: "paper.raised",
      shadow: "raised",
      cursor: "grab",
      top: "50%",
      transform: "translate(-50%, -50%)",
    },
  },
});

const tabs = defineSlotRecipe({
  className: "tabs",
  slots: ["root", "trigger", "list", "content", "contentGroup", "indicator"],
  base: {
    root: { position: "relative" },
    list: {
      display: "flex",
      overflowX: "auto",
      scrollbarWidth: "none",
      borderBottomWidth: "1px",
      borderColor: "line",
    },
    trigger: {
      minH: "target",
      px: 3,
      flex: "none",
      cursor: "pointer",
      color: "ink.soft",
      whiteSpace: "nowrap",
      borderBottomWidth: "3px",
      borderColor: "transparent",
      mb: "-1px",
      _hover: { color: "ink" },
      _selected: { color: "copper", fontWeight: 700, borderColor: "copper" },
      _focusVisible: { outlineOffset: "-3px" },
    },
    content: { pt: 3, _focusVisible: { outlineOffset: "2px" } },
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

const fileUpload = defineSlotRecipe({
  className: "file-upload",
  slots: [
    "root",
    "dropzone",
    "item",
    "itemDeleteTrigger",
    "itemGroup",
    "itemName",
    "itemPreview",
    "itemPreviewImage",
    "itemSizeText",
    "label",
    "trigger",
    "clearTrigger",
    "itemContent",
    "dropzoneContent",
    "fileText",
  ],
  base: {
    root: { w: "full" },
    label: { textStyle: "note", color: "ink.soft" },
    dropzone: {
      display: "flex",
      flexDirection: "column",
      alignItems: "center",
      justifyContent: "center",
      gap: 2,
      minH: "140px",
      p: 4,
      rounded: "lg",
      borderWidth: "2px",
      borderStyle: "dashed",
      borderColor: "line.strong",
      bg: "paper",
      cursor: "pointer",
      textAlign: "center",
      _hover: { bg: "paper.sunk" },
      _dragging: { bg: "copper.wash", borderColor: "copper", borderStyle: "solid" },
    },
  },
});

export const slotRecipes = {
  alert,
  checkbox,
  collapsible,
  dialog,
  drawer,
  emptyState,
  field: fieldSlots,
  fileUpload,
  menu,
  nativeSelect,
  popover,
  progress,
  radioCard,
  radioGroup,
  segmentGroup,
  slider,
  table,
  tabs,
  toast,
  tooltip,
};
