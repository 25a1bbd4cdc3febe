import { Box } from "@chakra-ui/react";
import { hueOf } from "../drawing/looks";

/** A wire's insulation as a short piece of it, striped where it is striped; its colour stands beside it in print. */
export function WireSwatch({
  hue,
  stripe,
}: {
  hue: string | null | undefined;
  stripe?: string | null | undefined;
}) {
  if (!hue) return null;
  const [colour, second] = [hueOf(hue), stripe ? hueOf(stripe) : null];
  return (
    <Box
      as="span"
      aria-hidden
      data-colours
      display="inline-block"
      flex="none"
      w="26px"
      h="12px"
      rounded="full"
      borderWidth="1px"
      borderColor="line.strong"
      style={{
        background: second ? `repeating-linear-gradient(115deg, ${colour} 0 6px, ${second} 6px 9px)` : colour,
      }}
    />
  );
}
