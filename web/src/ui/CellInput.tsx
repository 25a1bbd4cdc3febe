import { chakra } from "@chakra-ui/react";

/** What is typed in a cell of a sheet: it fills it, and the cell is its frame. */
export const CellInput = chakra("input", {
  base: { w: "full", h: "full", bg: "paper", color: "ink", px: 1, textStyle: "body", outline: "none" },
});
