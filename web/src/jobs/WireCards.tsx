import { Box, chakra, Flex } from "@chakra-ui/react";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect, useRef, useState } from "react";
import { WireSwatch } from "../shown/WireSwatch";
import { severities } from "../shown/severity";
import { pageScroller } from "../shared/pageScroller";
import { thin } from "../shared/Units";
import { Button } from "../ui";
import type { Wire } from "../job/jobApi";
import { EndStateWord } from "../job/Lace";

const usualHeight = 104;

/** The wires one below the other, for a screen that is too narrow for a sheet of cells. Only those in view are there. */
export function WireCards({
  wires,
  onOpen,
}: {
  wires: Wire[];
  onOpen: (wire: string, side: "a" | "b") => void;
}) {
  const list = useRef<HTMLUListElement>(null);
  const [above, setAbove] = useState(0);
  useLayoutEffect(() => {
    const scroller = pageScroller();
    if (!list.current || !scroller) return;
    setAbove(
      list.current.getBoundingClientRect().top - scroller.getBoundingClientRect().top + scroller.scrollTop,
    );
  }, []);
  // eslint-disable-next-line react-hooks/incompatible-library -- the list makes its functions anew; nothing memoised is given them
  const virtual = useVirtualizer({
    count: wires.length,
    getScrollElement: pageScroller,
    estimateSize: () => usualHeight,
    scrollMargin: above,
    overscan: 4,
  });
  return (
    <Box
      as="ul"
      ref={list}
      listStyleType="none"
      aria-label="Wires"
      position="relative"
      h={`${virtual.getTotalSize()}px`}
    >
      {virtual.getVirtualItems().map(({ index, start }) => {
        const wire = wires[index];
        return (
          wire && (
            <Box
              as="li"
              key={wire.wire.id}
              ref={virtual.measureElement}
              data-index={index}
              position="absolute"
              insetX={0}
              pb={2}
              style={{ transform: `translateY(${start - above}px)` }}
            >
              <WireCard wire={wire} onOpen={() => onOpen(wire.wire.id, "a")} />
            </Box>
          )
        );
      })}
    </Box>
  );
}

function WireCard({ wire, onOpen }: { wire: Wire; onOpen: () => void }) {
  const worst = wire.worst ? severities[wire.worst] : null;
  const Icon = worst?.icon;
  return (
    <Button
      variant="tile"
      w="full"
      p={2}
      gap={0}
      onClick={onOpen}
      aria-label={`Open wire ${wire.wire.name}${worst ? `: ${worst.word.toLowerCase()}` : ""}`}
      data-card={wire.wire.name}
    >
      <Flex gap={2} alignItems="center">
        <chakra.span fontWeight={700} textStyle="lead">
          {wire.wire.name}
        </chakra.span>
        <WireSwatch hue={wire.hue} stripe={wire.stripe} />
        <chakra.span color="ink.soft" truncate>
          {thin([wire.size, wire.type, wire.wire.colour].filter(Boolean).join(" "))}
        </chakra.span>
        {Icon && (
          <chakra.span ms="auto" color={worst?.colour}>
            <Icon aria-hidden />
          </chakra.span>
        )}
      </Flex>
      {(["a", "b"] as const).map((side) => (
        <Flex key={side} justifyContent="space-between" gap={2} textStyle="dense">
          <chakra.span truncate>{(side === "a" ? wire.from : wire.to) || "nowhere yet"}</chakra.span>
          <EndStateWord progress={wire[side]} />
        </Flex>
      ))}
    </Button>
  );
}
