import { chakra, Flex } from "@chakra-ui/react";
import { sayLanding, sayWire, type Pair } from "./benchState";

const Chip = chakra("button", {
  base: {
    flex: "none",
    minH: "44px",
    px: 3,
    py: 1,
    textAlign: "left",
    fontSize: "14px",
    lineHeight: 1.25,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line",
    bg: "paper.raised",
    cursor: "pointer",
    "&[aria-pressed=true]": { borderColor: "copper", bg: "copper.wash" },
  },
});

export function Recents({
  pairs,
  current,
  onPick,
}: {
  pairs: Pair[];
  current: Pair;
  onPick: (pair: Pair) => void;
}) {
  return (
    <Flex role="group" aria-label="Recent pairs" gap={2} overflowX="auto" pb={1} tabIndex={-1}>
      {pairs.map((pair, i) => (
        <Chip
          key={i}
          onClick={() => onPick(pair)}
          aria-pressed={JSON.stringify(pair) === JSON.stringify(current)}
        >
          <chakra.span display="block" fontWeight={600}>
            {sayWire(pair.conductor)}
          </chakra.span>
          <chakra.span color="ink.soft">{sayLanding(pair.landing)}</chakra.span>
        </Chip>
      ))}
    </Flex>
  );
}
