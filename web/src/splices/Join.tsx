import { Box, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useHouseRules } from "../house/houseRules";
import type { Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { useUnits } from "../shared/Units";
import { EndsRack } from "./EndsRack";
import { Joint } from "../shown/Joint";
import { KindCards, plain } from "./KindCards";
import { OnTheShelf } from "./OnTheShelf";
import { spliceApi } from "./spliceApi";
import { eachOf, placeWords, sidesOf, type Ends, type Place } from "../shown/spliceWords";
import { Checkbox, ErrorMessage, Panel, PanelTitle, Segments } from "../ui";

interface Draft {
  ends: Ends[];
  connector: Schemas["AskedConnector"];
  place: Place;
  inCord: boolean;
  hardService: boolean;
  isEarth: boolean;
}

const usual: Draft = {
  ends: [{ count: 3, size: "14 AWG", build: "solid", material: "copper", side: "none" }],
  connector: { ...plain, kind: "lever" },
  place: "dry",
  inCord: false,
  hardService: false,
  isEarth: false,
};

/** Ends joined in a connector: whether they may be, how, and what else would hold them. */
export function Join() {
  const say = useSay();
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const [draft, setDraft] = useRemembered("splice.join", usual);
  const set = (change: Partial<Draft>) => setDraft({ ...draft, ...change });
  const { ends, connector, place, inCord, hardService, isEarth } = draft;
  const request: Schemas["SpliceRequest"] = {
    conductors: eachOf(ends),
    connector,
    place,
    inCord,
    hardService,
    isEarth,
    houseRules: rules,
    lead,
    sides: sidesOf(ends),
  };
  const joined = useQuery({
    queryKey: ["splice", request],
    queryFn: () => spliceApi.assess(request),
    placeholderData: keepPreviousData,
  });
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "360px minmax(0,1fr)" }}>
      <Flex direction="column" gap={3} minW={0}>
        <Panel as="section" aria-label="What is joined">
          <PanelTitle>What is joined</PanelTitle>
          <EndsRack ends={ends} onEnds={(next) => set({ ends: next })} />
          <Box mt={2}>
            <Segments
              label="Where"
              value={place}
              onChange={(next) => set({ place: next })}
              options={Object.entries(placeWords) as [Place, string][]}
            />
          </Box>
          <Checkbox checked={isEarth} onChange={(next) => set({ isEarth: next })}>
            {say("An earth")}
          </Checkbox>
          <Checkbox checked={inCord} onChange={(next) => set({ inCord: next, hardService: false })}>
            In a flexible cord
          </Checkbox>
          {inCord && (
            <Checkbox checked={hardService} onChange={(next) => set({ hardService: next })}>
              Hard-service or junior hard-service cord
            </Checkbox>
          )}
          <ErrorMessage of={joined.error} />
        </Panel>
        <KindCards request={request} onKind={(kind) => set({ connector: { ...plain, kind } })} />
      </Flex>
      <Flex direction="column" gap={3} minW={0}>
        {joined.data && !joined.error && <Joint joint={joined.data} metal={ends[0]?.material ?? "copper"} />}
        <OnTheShelf request={request} onTake={(next) => set({ connector: next })} />
      </Flex>
    </Grid>
  );
}
