import { Box } from "@chakra-ui/react";

interface Props {
  least: number;
  target: number;
  most: number;
  /** The value to mark; null marks nothing. */
  value: number | null;
  height?: string;
}

/** A window as a band on a track, with what was measured as a mark upon it. */
export function WindowBar({ least, target, most, value, height = "18px" }: Props) {
  const room = most - least || most * 0.1;
  const from = Math.max(0, Math.min(least - room, target * 0.4));
  const to = most + room;
  const at = (x: number) => `${Math.min(100, Math.max(0, ((x - from) / (to - from)) * 100))}%`;
  const passes = value !== null && value >= least && value <= most;
  return (
    <Box
      aria-hidden
      data-colours
      position="relative"
      h={height}
      bg="paper.sunk"
      rounded="sm"
      borderWidth="1px"
      borderColor="line"
    >
      <Box
        position="absolute"
        insetY={0}
        left={at(least)}
        right={`calc(100% - ${at(most)})`}
        bg="draw.window"
        borderInlineWidth="2px"
        borderColor="draw.window.edge"
      />
      <Box position="absolute" insetY={0} left={at(target)} w="2px" ml="-1px" bg="ink.soft" opacity={0.6} />
      {value !== null && (
        <Box
          data-mark
          position="absolute"
          top="-4px"
          bottom="-4px"
          left={at(value)}
          w="6px"
          ml="-3px"
          rounded="full"
          bg={passes ? "go" : "stop"}
        />
      )}
    </Box>
  );
}
