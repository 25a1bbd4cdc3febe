import { defineRecipe } from "@chakra-ui/react";

const disabled = { opacity: 0.55, cursor: "not-allowed" };

const button = defineRecipe({
  className: "button",
  base: {
    display: "inline-flex",
    alignItems: "center",
    justifyContent: "center",
    gap: 2,
    flexShrink: 0,
    // What does not fit in a line is said in two.
    maxW: "100%",
    rounded: "md",
    borderWidth: "1px",
    fontWeight: 600,
    lineHeight: 1.25,
    textAlign: "center",
    cursor: "pointer",
    color: "ink",
    _disabled: disabled,
    // A sign beside the words; a drawing in a card keeps its own size.
    "& .lucide": { boxSize: 5, flexShrink: 0 },
  },
  variants: {
    variant: {
      /** The next step: one on a page. */
      solid: { bg: "copper", color: "copper.ink", borderColor: "copper", _hover: { bg: "copper.deep" } },
      outline: { bg: "paper.raised", borderColor: "line.strong", _hover: { bg: "paper.sunk" } },
      /** Reads as a part of the text. */
      plain: {
        borderColor: "transparent",
        color: "copper",
        textDecoration: "underline",
        textUnderlineOffset: "3px",
        _hover: { bg: "copper.wash" },
      },
      /** In a row of tools. */
      ghost: {
        borderColor: "transparent",
        _hover: { bg: "paper.sunk" },
        "&[aria-pressed=true], &[aria-expanded=true]": { bg: "copper.wash", color: "copper" },
      },
      danger: { bg: "paper.raised", color: "stop", borderColor: "stop", _hover: { bg: "stop.wash" } },
      /** A thing that opens, or is gone to: several lines of it. */
      tile: {
        flexDirection: "column",
        alignItems: "stretch",
        fontWeight: 400,
        textAlign: "start",
        bg: "paper.raised",
        borderColor: "line",
        flexShrink: 1,
        minW: 0,
        rounded: "lg",
        _hover: { borderColor: "copper" },
        "&:is([aria-pressed=true], [aria-expanded=true])": { bg: "copper.wash", borderColor: "copper" },
      },
      /** A sign in a line of text. */
      mark: {
        borderColor: "transparent",
        color: "copper",
        verticalAlign: "baseline",
        // The thumb may miss the sign by this much.
        _after: { content: '""', position: "absolute", inset: "-10px" },
        position: "relative",
        _hover: { bg: "copper.wash" },
      },
      /** A thing to pick, with its picture. */
      card: {
        flexDirection: "column",
        fontWeight: 400,
        bg: "paper.raised",
        borderColor: "line",
        _hover: { bg: "paper.sunk" },
        "&[aria-pressed=true], &[aria-current=true]": {
          bg: "copper.wash",
          borderColor: "copper",
          color: "copper",
          fontWeight: 700,
          boxShadow: "inset 0 0 0 1px {colors.copper}",
        },
      },
    },
    size: {
      md: { minH: "target", px: 4 },
      /** In tool bars; as large as the others where a thumb works it. */
      sm: { minH: { base: "target", md: 9 }, px: 3 },
      lg: { minH: "thumb", px: 6, textStyle: "lead" },
      icon: { minH: "target", minW: "target", p: 0 },
      inline: { minH: "24px", minW: "24px", p: 0 },
    },
  },
  defaultVariants: { variant: "outline", size: "md" },
});

const field = {
  w: "full",
  minW: 0,
  minH: "target",
  px: 3,
  rounded: "md",
  borderWidth: "1px",
  borderColor: "line.strong",
  bg: "paper",
  color: "ink",
  _placeholder: { color: "ink.soft", opacity: 1 },
  _invalid: { borderColor: "stop", borderWidth: "2px" },
  _disabled: disabled,
} as const;

const input = defineRecipe({ className: "input", base: field });
const textarea = defineRecipe({
  className: "textarea",
  base: { ...field, py: 2, fontFamily: "numerals", textStyle: "note" },
});

const link = defineRecipe({
  className: "link",
  base: {
    color: "copper",
    textDecoration: "underline",
    textUnderlineOffset: "3px",
    rounded: "sm",
    cursor: "pointer",
  },
  variants: {
    /** A target of its own, or a word of a sentence. */
    variant: {
      row: { display: "inline-flex", alignItems: "center", minH: "target" },
      text: {},
    },
  },
  defaultVariants: { variant: "text" },
});

const kbd = defineRecipe({
  className: "kbd",
  base: {
    display: "inline-flex",
    fontFamily: "numerals",
    textStyle: "note",
    borderWidth: "1px",
    borderBottomWidth: "2px",
    borderColor: "line.strong",
    bg: "paper",
    color: "ink",
    rounded: "sm",
    px: 2,
    whiteSpace: "nowrap",
  },
});

const skeleton = defineRecipe({
  className: "skeleton",
  base: { bg: "paper.sunk", rounded: "md", animation: "pulse", animationDuration: "1.6s" },
});

export const recipes = { button, input, textarea, link, kbd, skeleton };
export { field as fieldStyle };
