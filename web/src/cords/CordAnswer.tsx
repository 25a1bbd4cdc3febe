import { Box, Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { SizeLadder } from "./SizeLadder";
import { Panel, PanelTitle } from "../ui";
import { DropPlot } from "../shown/plots";
import { Source } from "../shown/Source";

/** The cord for a load: how thick, which jacket, which plug, and why. */
export function CordAnswer({ answer }: { answer: Schemas["CordSizeDocument"] }) {
  const say = useSay();
  const least = answer.cords.find(({ size }) => size === answer.size);
  const { plug, jacket, drops = [], dropAdvised = 0 } = answer;
  return (
    <Box minW={0} data-cord-size={answer.size ?? "none"}>
      <Panel as="section" aria-label="The cord">
        <Flex gap={6} flexWrap="wrap" alignItems="baseline">
          <Box>
            <Box textStyle="note" color="ink.soft">
              AT LEAST
            </Box>
            <Box textStyle="figure.xl" lineHeight={1.1} aria-live="polite">
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
            <Box textStyle="note" color="ink.soft">
              JACKET
            </Box>
            <Box textStyle="figure.lg">{jacket ? jacket.name : "none usual"}</Box>
            {jacket && <Box>{jacket.outdoors ? "for the wet and the sun" : "for dry places"}</Box>}
          </Box>
          <Box>
            <Box textStyle="note" color="ink.soft">
              SOLD IN
            </Box>
            <Box textStyle="figure.lg">{answer.stockLength ? thin(answer.stockLength) : "none so long"}</Box>
            <Box>
              {answer.connector
                ? `machine with an inlet: connector ${answer.connector}`
                : "no inlet takes so much: wire it fixed"}
            </Box>
          </Box>
          <Box>
            <Box textStyle="note" color="ink.soft">
              PLUG AND CONNECTOR
            </Box>
            <Box textStyle="figure.lg">
              {!plug ? "none usual" : plug.soldWith ? `${plug.name}, sold with ${plug.soldWith}` : plug.name}
            </Box>
            <Box>
              {plug
                ? `${plug.volts} V, ${plug.amps} A, with ${say("an earth")}; loads up to ${plug.most} A. ${plug.twoWire ? `On two-wire cord ${plug.twoWire}, without one.` : "No two-wire cord here."} Never a cheater.`
                : `${answer.amps.toFixed(1)} A is too much for a plug of the table.`}
            </Box>
          </Box>
        </Flex>
        <SizeLadder cords={answer.cords} least={answer.size} amps={answer.amps} />
      </Panel>
      {drops.length > 0 && (
        <Panel as="section" aria-label="Voltage drop against length" mt={3}>
          <PanelTitle>Voltage drop against length</PanelTitle>
          <DropPlot drops={drops} advised={dropAdvised} lengthM={drops[5]?.lengthM ?? 0} />
        </Panel>
      )}
      <Panel as="section" aria-label="Why" mt={3}>
        <PanelTitle>Why</PanelTitle>
        {answer.reasons.map((reason) => (
          <Box key={reason.rule} py={1}>
            {thin(reason.text)} <Source of={reason.source} />
          </Box>
        ))}
        <Box mt={1} color="caution">
          A coiled cord under load cannot give its heat away: lay it out.
        </Box>
      </Panel>
    </Box>
  );
}
