import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Panel, PanelTitle } from "../shared/Panel";
import { thin } from "../shared/Units";
import { SizeLadder } from "./SizeLadder";

/** The cord for a load: how thick, which jacket, which plug, and why. */
export function CordAnswer({ answer }: { answer: Schemas["CordSizeDocument"] }) {
  const least = answer.cords.find(({ size }) => size === answer.size);
  const { plug, jacket } = answer;
  return (
    <Box minW={0} data-cord-size={answer.size ?? "none"}>
      <Panel as="section" aria-label="The cord">
        <Flex gap={6} flexWrap="wrap" alignItems="baseline">
          <Box>
            <Box fontSize="14px" color="ink.soft">
              AT LEAST
            </Box>
            <Box fontSize="44px" lineHeight={1.1} fontFamily="numerals" aria-live="polite">
              {answer.size ? thin(answer.size) : "none"}
            </Box>
            <Box>
              {!least
                ? "No cord of the table does: shorten it, or wire it fixed."
                : answer.size === least.area
                  ? "fine-stranded copper"
                  : `${thin(least.area)} of copper`}
            </Box>
          </Box>
          <Box>
            <Box fontSize="14px" color="ink.soft">
              JACKET
            </Box>
            <Box fontSize="28px" fontFamily="numerals">
              {jacket ? jacket.name : "none usual"}
            </Box>
            {jacket && <Box>{jacket.outdoors ? "for the wet and the sun" : "for dry places"}</Box>}
          </Box>
          <Box>
            <Box fontSize="14px" color="ink.soft">
              SOLD IN
            </Box>
            <Box fontSize="28px" fontFamily="numerals">
              {answer.stockLength ? thin(answer.stockLength) : "none so long"}
            </Box>
            <Box>
              {answer.connector
                ? `machine with an inlet: connector ${answer.connector}`
                : "no inlet takes so much: wire it fixed"}
            </Box>
          </Box>
          <Box>
            <Box fontSize="14px" color="ink.soft">
              PLUG AND CONNECTOR
            </Box>
            <Box fontSize="28px" fontFamily="numerals">
              {!plug ? "none usual" : plug.soldWith ? `${plug.name}, sold with ${plug.soldWith}` : plug.name}
            </Box>
            <Box>
              {plug
                ? `${plug.volts} V, ${plug.amps} A, with an earth; loads up to ${plug.most} A. ${plug.twoWire ? `On two-wire cord ${plug.twoWire}, without one.` : "No two-wire cord here."} Never a cheater.`
                : `${answer.amps.toFixed(1)} A is too much for a plug of the table.`}
            </Box>
          </Box>
        </Flex>
        <SizeLadder cords={answer.cords} least={answer.size} amps={answer.amps} />
      </Panel>
      <Panel as="section" aria-label="Why" mt={3}>
        <PanelTitle>Why</PanelTitle>
        {answer.reasons.map((reason) => (
          <Box key={reason.rule} py={1}>
            {thin(reason.text)}{" "}
            <chakra.span color="ink.soft" fontSize="14px">
              {reason.source}
            </chakra.span>
          </Box>
        ))}
        <Box mt={1} color="caution">
          A coiled cord under load cannot give its heat away: lay it out.
        </Box>
      </Panel>
    </Box>
  );
}
