import { defineSlotRecipe } from "@chakra-ui/react";
import { fieldStyle } from "./recipes";

const ring = { outline: "3px solid {colors.focus}", outlineOffset: "2px" } as const;

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
      display: "flex",
      w: "fit-content",
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

export const controlRecipes = {
  checkbox,
  field: fieldSlots,
  fileUpload,
  nativeSelect,
  radioCard,
  radioGroup,
  segmentGroup,
  slider,
  tabs,
};
