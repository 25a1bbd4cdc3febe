import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import type { Metal } from "../drawing/looks";
import { Sketch } from "../drawing/Sketch";
import { sayBoth, thin, useUnits } from "../shared/Units";
import { faults, verdicts } from "./words";
import { Source } from "../shown/Source";

/** What becomes of an end: one large word, then why, what is left of the copper, and what it costs. */
export function Assessed({ assessed, metal }: { assessed: Schemas["ReworkDocument"]; metal: Metal }) {
  const { lead } = useUnits();
  const { word, colour } = verdicts[assessed.verdict];
  const say = (quantity: Schemas["Readout"]) => thin(sayBoth(quantity, lead));
  const { effective, section, spent, left, pigtail } = assessed;
  return (
    <Box aria-live="polite" data-verdict={assessed.verdict}>
      <Box textStyle="title" color={colour}>
        {word}
      </Box>
      <Box as="ul" listStyleType="none">
        {assessed.faults.map((fault) => (
          <Box as="li" key={fault.fault} py={1} borderTopWidth="1px" borderColor="line">
            <chakra.strong>{faults[fault.fault]}.</chakra.strong> {thin(fault.says)} {thin(fault.do)}{" "}
            <Source of={fault.source} />
          </Box>
        ))}
      </Box>
      {effective && section && (
        <Flex gap={3} alignItems="center" flexWrap="wrap">
          <Box role="img" aria-label={section.says}>
            <Sketch scene={section} scale={110 / (section.box.right - section.box.left)} metal={metal} />
          </Box>
          <Box flex="1 1 150px">
            <Box textStyle="figure.md">{Math.round(effective.share * 100)} %</Box>
            <Box>
              of the metal carries: {thin(effective.left.metric)}
              {effective.gauge !== null && `, as much as ${effective.gauge.toFixed(1)} AWG`}
              {effective.lessThan && (
                <chakra.strong color="stop">, less than {thin(effective.lessThan)}</chakra.strong>
              )}
              . {assessed.allowed === 0 ? "None may be lost." : `Up to ${assessed.allowed} may be lost.`}
            </Box>
          </Box>
        </Flex>
      )}
      {assessed.verdict === "cut-back" && (
        <Box>
          {spent ? `It costs ${say(spent)} of wire.` : "It costs the strip and about 10 mm of wire."}{" "}
          {left && `${say(left)} is free then.`}
        </Box>
      )}
      {pigtail && (
        <Box fontWeight={700} color="caution" data-pigtail>
          Too little is left: cut a pigtail of {say(pigtail)}, and splice it in a listed connector.
        </Box>
      )}
    </Box>
  );
}
