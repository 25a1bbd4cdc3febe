import { Box, chakra } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";

/** Why, folded: every reason with its source. */
export const ReasonsFolded = ({ reasons }: { reasons: Schemas["ReasonDocument"][] }) => (
  <chakra.details mt={2}>
    <chakra.summary minH="44px" py={2} cursor="pointer" fontWeight={600}>
      Why
    </chakra.summary>
    {reasons.map((reason, i) => (
      <Box key={i} py={1}>
        {thin(reason.text)}{" "}
        <chakra.span color="ink.soft" fontSize="14px">
          {reason.source}
        </chakra.span>
      </Box>
    ))}
  </chakra.details>
);
