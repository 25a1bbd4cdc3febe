import { Box } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { Disclosure } from "../ui";
import { Source } from "./Source";

/** Why, folded: every reason with its source. */
export const ReasonsFolded = ({ reasons }: { reasons: Schemas["ReasonDocument"][] }) => (
  <Disclosure label="Why">
    {reasons.map((reason, i) => (
      <Box key={i} py={1}>
        {thin(reason.text)} <Source of={reason.source} />
      </Box>
    ))}
  </Disclosure>
);
