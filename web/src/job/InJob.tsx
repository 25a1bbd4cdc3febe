import { Box } from "@chakra-ui/react";
import type { Schemas } from "../client";
import type { Metal } from "../drawing/looks";
import { sayBoth, thin, useUnits } from "../shared/Units";
import { Joint } from "../shown/Joint";
import { PanelTitle } from "../ui";

/** The joint that an end of a job is part of: as it will look, and the pigtails that leave it. */
export function InJob({ splice, metal }: { splice: Schemas["JobSpliceDocument"]; metal: Metal }) {
  const { lead } = useUnits();
  const say = (quantity: Schemas["Readout"]) => thin(sayBoth(quantity, lead));
  return (
    <Box data-splice={splice.name}>
      <Box as="ul" ps={6} listStyleType="disc" mb={2} aria-label={`Ends in ${splice.name}`}>
        {splice.ends.map((end) => (
          <li key={end}>{thin(end)}</li>
        ))}
      </Box>
      {splice.pigtails.length > 0 && (
        <Box mb={2}>
          <PanelTitle>Pigtails</PanelTitle>
          <Box as="ul" listStyleType="none">
            {splice.pigtails.map((pigtail) => (
              <Box as="li" key={pigtail.wireId} py={1} data-job-pigtail={pigtail.wire}>
                Wire {pigtail.wire} to {pigtail.to}: cut <strong>{say(pigtail.cut)}</strong>, of that{" "}
                {say(pigtail.spare)} to make it anew {pigtail.reworks} times.
                {pigtail.listed && pigtail.isShort && (
                  <Box color="caution">The wire list has {say(pigtail.listed)}: too short for that.</Box>
                )}
              </Box>
            ))}
          </Box>
        </Box>
      )}
      <Joint joint={splice.joint} metal={metal} />
    </Box>
  );
}
