import { Box, chakra } from "@chakra-ui/react";
import type { ComponentProps } from "react";

/** A sheet of paper on the bench. */
export function Panel(props: ComponentProps<typeof Box>) {
  return (
    <Box bg="paper.raised" borderWidth="1px" borderColor="line" rounded="lg" p={3} minW={0} {...props} />
  );
}

export const PanelTitle = chakra("h2", {
  base: {
    fontSize: "14px",
    fontWeight: 700,
    letterSpacing: "0.06em",
    textTransform: "uppercase",
    color: "ink.soft",
  },
});

export const Action = chakra("button", {
  base: {
    minH: "44px",
    px: 4,
    rounded: "md",
    fontWeight: 600,
    cursor: "pointer",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper.raised",
    color: "ink",
    _hover: { bg: "paper.sunk" },
    _disabled: { opacity: 0.55, cursor: "not-allowed" },
  },
  variants: {
    look: {
      main: { bg: "copper", color: "copper.ink", borderColor: "copper", _hover: { bg: "copper" } },
      plain: {},
      link: {
        borderColor: "transparent",
        bg: "transparent",
        color: "copper",
        textDecoration: "underline",
        px: 2,
      },
    },
  },
  defaultVariants: { look: "plain" },
});

export const Field = chakra("input", {
  base: {
    minH: "44px",
    w: "100%",
    px: 3,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper",
    color: "ink",
    fontSize: "16px",
    _placeholder: { color: "ink.soft", opacity: 1 },
    _invalid: { borderColor: "stop", borderWidth: "2px" },
  },
});

export const FieldLabel = chakra("label", {
  base: { fontSize: "14px", color: "ink.soft", display: "block" },
});

/** Where a table is pasted. */
export const PasteBox = chakra("textarea", {
  base: {
    w: "100%",
    p: 2,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper",
    fontFamily: "numerals",
    fontSize: "14px",
  },
});
