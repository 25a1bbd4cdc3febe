import { chakra, Flex } from "@chakra-ui/react";
import { Button } from "../ui";
import { sayLanding, sayWire, type Pair } from "../shared/pair";

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
        <Button
          key={i}
          variant="tile"
          flex="none"
          gap={0}
          py={1}
          px={3}
          textStyle="note"
          onClick={() => onPick(pair)}
          aria-pressed={JSON.stringify(pair) === JSON.stringify(current)}
        >
          <chakra.span display="block" fontWeight={600}>
            {sayWire(pair.conductor)}
          </chakra.span>
          <chakra.span color="ink.soft">{sayLanding(pair.landing)}</chakra.span>
        </Button>
      ))}
    </Flex>
  );
}
