import { Box, chakra, Flex, Grid, useMediaQuery } from "@chakra-ui/react";
import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { useKey } from "../shared/keys";
import { useUnits } from "../shared/Units";
import { AboutEndFields } from "./AboutEndFields";
import { BenchTabs } from "./BenchTabs";
import { recipeOf, sectionOf } from "./benchQueries";
import { sayLanding, sayWire, type Pair } from "../shared/pair";
import { asked, useBench } from "./benchState";
import { useHouseRules } from "../house/houseRules";
import { LandingPicker } from "../landing/LandingPicker";
import { Readings, type ReadingName } from "../shown/Readings";
import { VerdictLine } from "../shown/Verdict";
import { Recents } from "./Recents";
import { RecordPanel } from "../recording/RecordPanel";
import { useRecording } from "./useRecording";
import { SectionPanel } from "./SectionPanel";
import { Besides, Steps } from "../shown/Steps";
import { Why } from "../shown/Why";
import { WirePicker } from "./WirePicker";
import { Button, ErrorMessage, Loading, Panel, PanelTitle } from "../ui";

export function BenchPage() {
  const { pair, place, keep, recent, failed } = useBench();
  if (!pair) {
    return failed ? <ErrorMessage of={failed} /> : <Loading what="Laying out the bench…" />;
  }
  return <Bench pair={pair} place={place} keep={keep} recent={recent} />;
}

interface BenchProps {
  pair: Pair;
  place: (pair: Pair) => void;
  keep: (pair: Pair) => void;
  recent: Pair[];
}

type Picker = "wire" | "landing";

/** Another wire; a second one beside it is like it. */
const rewired = (pair: Pair, conductor: Pair["conductor"], colour: Pair["colour"] = pair.colour): Pair => ({
  ...pair,
  conductor,
  ...(colour ? { colour } : {}),
  second: pair.second ? conductor : null,
});

// From here on the pickers stand beside the readings; below, they fold into two buttons.
const wideEnough = "(min-width: 64rem)";

/** This wire into that landing: pick on the left, read in the middle, do it on the right. Nothing is ever submitted. */
function Bench({ pair, place, keep, recent }: BenchProps) {
  const { lead } = useUnits();
  const [wide = true] = useMediaQuery([wideEnough], { ssr: false });
  const [why, setWhy] = useState<ReadingName | "all" | null>(null);
  const [measured, setMeasured] = useState<number | null>(null);
  const [picker, setPicker] = useState<Picker | null>(null);
  const { rules } = useHouseRules();
  const recording = useRecording();
  const body = asked(pair, rules, lead);
  const recipe = useQuery({ ...recipeOf(body), placeholderData: keepPreviousData });
  const queries = useQueryClient();
  useKey(
    "w",
    useCallback(() => setWhy((now) => (now === "all" ? null : "all")), []),
  );
  // A measured strip belongs to the end it was measured on.
  const put = useCallback(
    (next: Pair) => {
      setMeasured(null);
      place(next);
      // The answer is on its way while the page is still being painted.
      void queries.prefetchQuery(recipeOf(asked(next, rules, lead)));
      void queries.prefetchQuery(sectionOf({ ...asked(next, rules, lead), measuredStripMm: null }));
    },
    [place, queries, rules, lead],
  );
  // The pickers are dozens of drawings: they are painted when the pair changes, not again when its answer comes.
  const putWire = useCallback(
    (conductor: Pair["conductor"], colour?: Pair["colour"]) => put(rewired(pair, conductor, colour)),
    [pair, put],
  );
  const putLanding = useCallback((landing: Pair["landing"]) => put({ ...pair, landing }), [pair, put]);
  const told = recipe.data;
  return (
    <BenchTabs open="bench">
      <chakra.h1 srOnly>Bench</chakra.h1>
      <Grid
        gap={3}
        templateColumns={{
          base: "minmax(0,1fr)",
          lg: "262px minmax(0,1fr)",
          xl: "262px minmax(0,1fr) 296px",
        }}
        alignItems="start"
      >
        {wide && (
          <Flex direction="column" gap={3}>
            <Panel as="section" aria-label="Wire">
              <WirePicker wire={pair.conductor} onChange={putWire} />
            </Panel>
            <Panel as="section" aria-label="Landing">
              <LandingPicker landing={pair.landing} onChange={putLanding} />
            </Panel>
            <AboutEndFields pair={pair} onChange={put} />
          </Flex>
        )}
        <Flex direction="column" gap={3} minW={0}>
          {!wide && <PhonePickers pair={pair} open={picker} onOpen={setPicker} put={put} />}
          <Recents pairs={recent} current={pair} onPick={put} />
          <ErrorMessage of={recipe.error} />
          {told && (
            <>
              <Readings
                recipe={told}
                open={why}
                onOpen={(reading) => setWhy(why === reading ? null : reading)}
              />
              {why && <Why recipe={told} of={why} onClose={() => setWhy(null)} />}
              <VerdictLine recipe={told} />
              <SectionPanel pair={pair} recipe={told} measured={measured} onMeasured={setMeasured} />
              {told.verdict !== "stop" && (
                <RecordPanel
                  torque={told.torque}
                  holding={told.holding}
                  recording={recording}
                  onRecord={(tightening) => recording.record(pair, rules, measured, tightening)}
                  onDone={() => {
                    keep(pair);
                    setMeasured(null);
                  }}
                />
              )}
            </>
          )}
        </Flex>
        {told && (
          <Flex direction="column" gap={3} gridColumn={{ lg: 2, xl: 3 }} minW={0}>
            {told.steps.length > 0 ? (
              <Steps recipe={told} />
            ) : (
              <Panel>
                <PanelTitle>Steps</PanelTitle>
                None: this wire does not belong in this landing.
              </Panel>
            )}
            <Besides recipe={told} />
          </Flex>
        )}
      </Grid>
    </BenchTabs>
  );
}

/** On a narrow screen the pickers fold into two buttons that name what is on the bench. */
function PhonePickers({
  pair,
  open,
  onOpen,
  put,
}: {
  pair: Pair;
  open: Picker | null;
  onOpen: (picker: Picker | null) => void;
  put: (pair: Pair) => void;
}) {
  const button = (picker: Picker, label: string, text: string) => (
    <Button
      variant="tile"
      flex={1}
      gap={0}
      px={3}
      py={1}
      fontWeight={700}
      aria-expanded={open === picker}
      onClick={() => onOpen(open === picker ? null : picker)}
    >
      <chakra.span display="block" textStyle="note" fontWeight={400} color="ink.soft">
        {label}
      </chakra.span>
      {text}
    </Button>
  );
  return (
    <Box>
      <Flex gap={2}>
        {button("wire", "Wire", sayWire(pair.conductor))}
        {button("landing", "Landing", sayLanding(pair.landing))}
      </Flex>
      {open && (
        <Panel mt={2}>
          {open === "wire" ? (
            <WirePicker wire={pair.conductor} onChange={(conductor) => put(rewired(pair, conductor))} />
          ) : (
            <Flex direction="column" gap={3}>
              <LandingPicker landing={pair.landing} onChange={(landing) => put({ ...pair, landing })} />
              <AboutEndFields pair={pair} onChange={put} />
            </Flex>
          )}
        </Panel>
      )}
    </Box>
  );
}
