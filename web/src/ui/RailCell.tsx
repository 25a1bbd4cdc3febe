import { chakra } from "@chakra-ui/react";

/** A place or a deed of the frame: its sign over its name. */
export const RailCell = chakra(
  "button",
  {
    base: {
      flexDirection: "column",
      alignItems: "center",
      justifyContent: "center",
      gap: "2px",
      minH: { base: "60px", md: "48px" },
      minW: "60px",
      maxW: "full",
      px: 1,
      flex: { base: 1, md: "none" },
      textStyle: "note",
      lineHeight: 1.15,
      rounded: "md",
      color: "ink.soft",
      cursor: "pointer",
      _hover: { bg: "paper.sunk" },
      _icon: { boxSize: "22px", flexShrink: 0 },
      "&.active": { color: "copper", fontWeight: 700, bg: "copper.wash" },
    },
  },
  { defaultProps: { type: "button" } },
);
