import { defineTextStyles } from "@chakra-ui/react";

const body = { fontFamily: "body", lineHeight: 1.4 };
const figure = { fontFamily: "numerals", fontWeight: 600, lineHeight: 1.15 };

/** Every size of print. Nothing that must be read is smaller than a note. */
export const textStyles = defineTextStyles({
  body: { value: { ...body, fontSize: "16px" } },
  /** Beside and below: labels, sources, hints. */
  note: { value: { fontSize: "14px" } },
  /** Tables, lists and side panels. */
  dense: { value: { fontSize: "15px" } },
  /** The one sentence that matters most here. */
  lead: { value: { fontSize: "18px" } },
  /** A part of a page, a dialog, a card. */
  heading: { value: { fontSize: "20px", fontWeight: 700, lineHeight: 1.25 } },
  /** A page. */
  title: { value: { fontSize: "24px", fontWeight: 700, lineHeight: 1.2 } },
  /** The line over a panel. */
  kicker: {
    value: { fontSize: "14px", fontWeight: 700, letterSpacing: "0.06em", textTransform: "uppercase" },
  },
  /** A reading in words. */
  "word.lg": { value: { fontSize: "30px", fontWeight: 700, lineHeight: 1.15 } },
  /** Figures, from those in a row of several to the one that is read from an arm and a half away. */
  "figure.sm": { value: { ...figure, fontSize: "20px" } },
  "figure.md": { value: { ...figure, fontSize: "24px" } },
  "figure.lg": { value: { ...figure, fontSize: "32px" } },
  "figure.xl": { value: { ...figure, lineHeight: 1.05, fontSize: { base: "40px", md: "44px" } } },
});
