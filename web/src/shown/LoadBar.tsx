import { Box } from "@chakra-ui/react";

/**
 * A load as a filled bar inside its breaker’s, both to one scale, and a stroke at what its weakest conductor may be
 * protected at: what sticks out is too much.
 */
export function LoadBar({
  load,
  breaker,
  protects,
  most,
}: {
  load: number | null | undefined;
  breaker: number | null | undefined;
  /** The largest breaker that its weakest conductor may have, A. */
  protects: number | null | undefined;
  /** The longest bar beside it, A. */
  most: number;
}) {
  const share = (amps: number) => `${Math.min(100, (amps / Math.max(1, most)) * 100)}%`;
  const isOver = load != null && breaker != null && load > breaker;
  return (
    <Box
      position="relative"
      h="26px"
      role="img"
      aria-label={`Load ${load ?? "not known"} A, breaker ${breaker ?? "not known"} A, conductor up to ${protects ?? "not known"} A`}
      data-colours
    >
      {breaker != null && (
        <Box
          position="absolute"
          insetBlock={0}
          insetInlineStart={0}
          w={share(breaker)}
          borderWidth="2px"
          borderColor="ink"
          rounded="sm"
          bg="paper"
        />
      )}
      {load != null && (
        <Box
          position="absolute"
          top="6px"
          bottom="6px"
          insetInlineStart="4px"
          w={`calc(${share(load)} - 8px)`}
          minW="3px"
          bg={isOver ? "stop" : "copper"}
          rounded="sm"
        />
      )}
      {protects != null && (
        <Box
          position="absolute"
          insetBlock="-4px"
          insetInlineStart={`calc(${share(protects)} - 4px)`}
          w="4px"
          rounded="sm"
          bg={breaker != null && breaker > protects ? "stop" : "go"}
        />
      )}
    </Box>
  );
}
