import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, type Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { useRemembered } from "../shared/remembered";
import { thin, useUnits } from "../shared/Units";
import { BenchTabs } from "./BenchTabs";
import { layOnBench } from "../shared/pair";
import { useBench } from "./benchState";
import { NumberField } from "../shared/NumberField";
import { Button, ErrorMessage, Panel, PanelTitle, Select, TextField } from "../ui";
import { later } from "../shared/later";

const Calibrate = later(() => import("./Calibrate").then((module) => module.Calibrate));

type Clues = Omit<Schemas["WireClues"], "lead">;

const nothing: Clues = {
  strands: null,
  strandDiameterMm: null,
  bareDiameterMm: null,
  overInsulationMm: null,
  print: null,
  stripperHole: null,
};

const holes: [string, string][] = ["22", "20", "18", "16", "14", "12", "10", "8"].map((gauge) => [
  `${gauge} AWG`,
  `${gauge} AWG`,
]);

const sureness: Record<Schemas["Sureness"], { word: string; colour: string }> = {
  sure: { word: "Sure", colour: "go" },
  likely: { word: "Likely", colour: "caution" },
  possible: { word: "Possible", colour: "ink.soft" },
};

/** A wire that nobody knows: what is counted, measured or read on it, and what it may be, at actual size. */
export function SizePage() {
  const { lead } = useUnits();
  const navigate = useNavigate();
  const { pair } = useBench();
  const [clues, setClues] = useState(nothing);
  const [pixels, setPixels] = useRemembered<number | null>("pixelsPerMm", null);
  const [calibrating, setCalibrating] = useState(false);
  const set = (change: Partial<Clues>) => setClues({ ...clues, ...change });
  const said = Object.values(clues).some((value) => value !== null);
  const answer = useQuery({
    queryKey: ["identify", clues, lead],
    queryFn: () => api.identify({ ...clues, lead }),
    enabled: said,
    placeholderData: keepPreviousData,
  });
  const told = said && !answer.error ? answer.data : undefined;
  return (
    <BenchTabs open="size">
      <chakra.h1 srOnly>What size is this?</chakra.h1>
      <Flex direction="column" gap={3} maxW="1100px">
        <Grid
          gap={3}
          templateColumns={{ base: "minmax(0,1fr)", lg: "340px minmax(0,1fr)" }}
          alignItems="start"
        >
          <Panel as="section" aria-label="What is seen">
            <Box mb={2}>Cut it dead. Say any of these; two that agree are better than one.</Box>
            <ClueFields clues={clues} set={set} />
            <ErrorMessage of={said && answer.error} />
            {said && (
              <Button variant="plain" onClick={() => setClues(nothing)}>
                Reset
              </Button>
            )}
          </Panel>
          <Panel as="section" aria-label="What it may be">
            <PanelTitle>What it may be</PanelTitle>
            {calibrating ? (
              <Calibrate
                pixels={pixels}
                onDone={(measured) => {
                  setPixels(measured);
                  setCalibrating(false);
                }}
                onCancel={() => setCalibrating(false)}
              />
            ) : (
              <>
                <Box role="status">{told ? told.says : "Nothing is said yet."}</Box>
                {told && told.candidates.length > 0 && (
                  <Button variant="plain" px={0} onClick={() => setCalibrating(true)}>
                    {pixels === null
                      ? "Make this screen draw actual size"
                      : "Drawn at actual size; calibrate"}
                  </Button>
                )}
                <Box as="ol" listStyleType="none">
                  {told?.candidates.map((candidate, i) => (
                    <Candidate
                      key={candidate.name}
                      candidate={candidate}
                      first={i === 0}
                      scale={pixels ?? 96 / 25.4}
                      onUse={
                        pair
                          ? () => {
                              layOnBench({ ...pair, conductor: candidate.conductor, second: null });
                              void navigate("/bench");
                            }
                          : null
                      }
                    />
                  ))}
                </Box>
              </>
            )}
          </Panel>
        </Grid>
      </Flex>
    </BenchTabs>
  );
}

/** What can be counted, measured, read or tried on a wire. */
function ClueFields({ clues, set }: { clues: Clues; set: (change: Partial<Clues>) => void }) {
  return (
    <>
      <Grid templateColumns="1fr 1fr" gap={2} alignItems="end">
        <NumberField label="Strands" value={clues.strands ?? null} onChange={(strands) => set({ strands })} />
        <NumberField
          label="One strand, mm"
          value={clues.strandDiameterMm ?? null}
          onChange={(strandDiameterMm) => set({ strandDiameterMm })}
        />
        <NumberField
          label="Over the metal, mm"
          value={clues.bareDiameterMm ?? null}
          onChange={(bareDiameterMm) => set({ bareDiameterMm })}
        />
        <NumberField
          label="Over insulation, mm"
          value={clues.overInsulationMm ?? null}
          onChange={(overInsulationMm) => set({ overInsulationMm })}
        />
      </Grid>
      <Box mt={2}>
        <TextField
          id="print"
          label="Printed on it"
          value={clues.print ?? ""}
          maxLength={200}
          autoComplete="off"
          placeholder="THHN 12 AWG, 3G1,5"
          onChange={(event) => set({ print: event.target.value || null })}
        />
      </Box>
      <Box mt={2}>
        <Select
          label="Stripped clean in the hole marked"
          value={clues.stripperHole ?? ""}
          onChange={(hole) => set({ stripperHole: hole || null })}
          options={[["", "not tried"], ...holes]}
        />
      </Box>
    </>
  );
}

function Candidate({
  candidate,
  first,
  scale,
  onUse,
}: {
  candidate: Schemas["CandidateDocument"];
  first: boolean;
  scale: number;
  onUse: (() => void) | null;
}) {
  const { word, colour } = sureness[candidate.sureness];
  return (
    <Grid
      as="li"
      data-candidate={candidate.conductor.size}
      templateColumns="72px minmax(0,1fr) auto"
      gap={3}
      alignItems="center"
      py={2}
      borderTopWidth="1px"
      borderColor="line"
    >
      <Box display="grid" placeItems="center" minH="48px" overflow="hidden">
        <Sketch scene={candidate.drawing} scale={scale} />
      </Box>
      <Box minW={0}>
        <Box textStyle={first ? { base: "title", md: "word.lg" } : "heading"}>{thin(candidate.name)}</Box>
        <Box>
          <chakra.strong color={colour}>{word}.</chakra.strong> {candidate.why.map(thin).join(" ")}
        </Box>
        {candidate.insulation && <Box color="ink.soft">{thin(candidate.insulation)}.</Box>}
      </Box>
      {onUse && (
        <Button aria-label={`Use ${candidate.name} at the Bench`} onClick={onUse}>
          Use
        </Button>
      )}
    </Grid>
  );
}
