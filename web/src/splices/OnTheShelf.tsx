import { Box, chakra, Flex } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { CircleCheck, CircleX } from "lucide-react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { spliceApi } from "./spliceApi";
import { Button, Panel, PanelTitle } from "../ui";

type Ranked = Schemas["RankedConnectorDocument"];

/** A connector of the Shelf as it is asked about. */
const asked = ({ connector }: Ranked): Schemas["AskedConnector"] => ({
  kind: connector.kind ?? "lever",
  name: connector.name,
  leastMm2: connector.leastMm2,
  mostMm2: connector.mostMm2,
  leastCount: connector.leastCount,
  mostCount: connector.mostCount,
  combinations: connector.combinations ?? null,
  stripMm: connector.stripMm ?? null,
  listedWet: connector.listedWet ?? false,
  takesBothMetals: connector.takesBothMetals ?? false,
});

/** What lies on the Shelf for these ends: the best first, and why the others do not fit. */
export function OnTheShelf({
  request,
  onTake,
}: {
  request: Schemas["SpliceRequest"];
  onTake: (connector: Schemas["AskedConnector"]) => void;
}) {
  const { conductors, place, inCord, isEarth, houseRules, lead } = request;
  const ranked = useQuery({
    queryKey: ["splice", "choose", conductors, place, inCord, isEarth, houseRules, lead],
    queryFn: () => spliceApi.choose(request),
    placeholderData: keepPreviousData,
  });
  const all = ranked.data ?? [];
  return (
    <Panel as="section" aria-label="On the Shelf">
      <PanelTitle>On the Shelf, for these ends</PanelTitle>
      {ranked.data && all.length === 0 && (
        <Box color="ink.soft">No connector is on the Shelf. Put yours there, with what its sheet says.</Box>
      )}
      <Box as="ol" listStyleType="none">
        {all.map((one) => (
          <Flex
            as="li"
            key={one.code}
            gap={2}
            py={2}
            borderTopWidth="1px"
            borderColor="line"
            alignItems="flex-start"
            data-ranked={one.code}
            data-fits={one.fits}
          >
            <Box color={one.fits ? "go" : "stop"} pt="2px" flex="none">
              {one.fits ? <CircleCheck aria-hidden size={20} /> : <CircleX aria-hidden size={20} />}
            </Box>
            <Box flex={1} minW={0}>
              <chakra.strong>{one.connector.name}</chakra.strong>{" "}
              <chakra.span color="ink.soft">{one.code}</chakra.span>
              {!one.fits && <chakra.strong color="stop"> does not fit</chakra.strong>}
              <Box textStyle="dense">{one.why.map(thin).join(" ")}</Box>
            </Box>
            <Button
              variant="plain"
              onClick={() => onTake(asked(one))}
              aria-label={`Use ${one.connector.name}`}
            >
              Use
            </Button>
          </Flex>
        ))}
      </Box>
    </Panel>
  );
}
