import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { hueOf } from "../drawing/looks";
import { thin } from "../shared/Units";

/** A wire in one line, from landing to landing, in its insulation’s colour, with what it is in print. */
export function WireLine({ wire, label }: { wire: Schemas["DrawnWire"]; label: string }) {
  const { hue, stripe } = wire;
  return (
    <Flex alignItems="center" gap={2} textStyle="dense" py={1}>
      <chakra.span color="ink.soft" textStyle="note" w="52px" flex="none">
        {label}
      </chakra.span>
      <chakra.span whiteSpace="nowrap">{wire.from || "nowhere"}</chakra.span>
      <Box
        aria-hidden
        flex={1}
        minW="24px"
        maxW="320px"
        h="8px"
        rounded="full"
        borderWidth="1px"
        borderColor="line.strong"
        style={{
          background: stripe
            ? `repeating-linear-gradient(115deg, ${hueOf(hue)} 0 10px, ${hueOf(stripe)} 10px 14px)`
            : hueOf(hue),
        }}
      />
      <chakra.span whiteSpace="nowrap">{wire.to || "nowhere"}</chakra.span>
      <chakra.span color="ink.soft">{thin(wire.says)}</chakra.span>
    </Flex>
  );
}
