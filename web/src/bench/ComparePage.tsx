import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { useNavigate } from "react-router";
import { api, named, type Landing, type Schemas } from "../client";
import { SceneView } from "../drawing/SceneView";
import { useRemembered } from "../shared/remembered";
import { thin, useUnits } from "../shared/Units";
import { BenchTabs } from "./BenchTabs";
import { layOnBench, sayLanding, sayWire, type Pair } from "../shared/pair";
import { useBench } from "./benchState";
import { useHouseRules } from "../house/houseRules";
import { Readings, type ReadingName } from "../shown/Readings";
import { VerdictWord } from "../shown/Verdict";
import { Why } from "../shown/Why";
import { WireText } from "./WireText";
import { Button, ErrorMessage, Loading, Panel, Select } from "../ui";

const most = 6;
const usual: Landing[] = [
  { kind: "binding-screw", screw: "#8" } as Landing,
  { kind: "back-wire-clamp" } as Landing,
  { kind: "lever" } as Landing,
];

/** One wire in up to six landings, in one row. */
export function ComparePage() {
  const { pair, place } = useBench();
  if (!pair) return <Loading what="Laying out the bench…" />;
  return <Compare pair={pair} place={place} />;
}

function Compare({ pair, place }: { pair: Pair; place: (pair: Pair) => void }) {
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const navigate = useNavigate();
  const [landings, setLandings] = useRemembered<Landing[]>("compared", usual);
  const kinds = useQuery({ queryKey: ["landings"], queryFn: api.landingKinds, staleTime: Infinity });
  const samples = (kinds.data ?? []).flatMap((kind) =>
    kind.samples.map((sample) => ({
      name: kind.samples.length > 1 ? `${kind.name}, ${sample.name}` : kind.name,
      landing: named(sample.landing),
    })),
  );
  const body = { conductor: pair.conductor, landings, houseRules: rules, lead };
  const compared = useQuery({
    queryKey: ["compare", body],
    // What is shown keeps to the landings that it was asked for, while the next answer is on its way.
    queryFn: async () => ({ of: landings, told: await api.compare(body) }),
    enabled: landings.length > 0,
    placeholderData: keepPreviousData,
  });
  const { of, told } = (landings.length > 0 && compared.data) || { of: [], told: [] };
  return (
    <BenchTabs open="compare">
      <chakra.h1 srOnly>Landings side by side</chakra.h1>
      <Flex direction="column" gap={3}>
        <Grid
          templateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,340px) minmax(0,340px)" }}
          gap={3}
          alignItems="end"
        >
          <Box>
            <Box fontWeight={700} mb={1}>
              {sayWire(pair.conductor)}
            </Box>
            <WireText
              wire={pair.conductor}
              onChange={(conductor) => place({ ...pair, conductor, second: null })}
            />
          </Box>
          {landings.length < most ? (
            <Select
              label="Beside these"
              value=""
              options={[
                ["", "one more landing…"],
                ...samples.map(({ name }, i): [string, string] => [String(i), name]),
              ]}
              onChange={(index) => {
                const sample = samples[Number(index)];
                if (index && sample) setLandings([...landings, sample.landing]);
              }}
            />
          ) : (
            <Box>Six stand side by side; take one away for another.</Box>
          )}
        </Grid>
        <ErrorMessage of={compared.error} />
        {landings.length === 0 && <Panel>None yet: choose a landing, and another beside it.</Panel>}
        <Flex gap={3} overflowX="auto" alignItems="stretch" pb={2}>
          {told.map((one, i) => (
            <Compared
              key={i}
              one={one}
              name={of[i] ? sayLanding(of[i]) : one.landing}
              metal={pair.conductor.material ?? "copper"}
              onTake={() => {
                const landing = of[i];
                if (!landing) return;
                layOnBench({ ...pair, landing, second: null });
                void navigate("/bench");
              }}
              onAway={() => setLandings(of.filter((_, at) => at !== i))}
            />
          ))}
        </Flex>
      </Flex>
    </BenchTabs>
  );
}

const vibrations: Record<Schemas["StandsVibration"], { word: string; colour: string }> = {
  holds: { word: "Holds", colour: "go" },
  locks: { word: "Holds at its torque", colour: "ink" },
  loosens: { word: "Works loose", colour: "stop" },
};

function Compared({
  one,
  name,
  metal,
  onTake,
  onAway,
}: {
  one: Schemas["ComparedDocument"];
  name: string;
  metal: Schemas["Material"];
  onTake: () => void;
  onAway: () => void;
}) {
  const [why, setWhy] = useState<ReadingName | null>(null);
  const { recipe } = one;
  const { word, colour } = vibrations[one.vibration];
  return (
    <Panel as="section" aria-label={name} data-compared={one.kind} flex="1 0 290px" maxW="380px">
      <Flex justifyContent="space-between" alignItems="center">
        <chakra.h2 textStyle="lead" fontWeight={700}>
          {thin(name)}
        </chakra.h2>
        <Button variant="plain" aria-label={`Remove ${name}`} onClick={onAway}>
          Remove
        </Button>
      </Flex>
      <SceneView scene={one.section} metal={metal} height="150px" />
      <VerdictWord verdict={recipe.verdict} />
      <Box mt={2}>
        <Readings
          recipe={recipe}
          size="beside"
          open={why}
          whyId={`why-${one.kind}`}
          onOpen={(name) => setWhy(why === name ? null : name)}
        />
        {why && <Why id={`why-${one.kind}`} recipe={recipe} of={why} onClose={() => setWhy(null)} />}
      </Box>
      <Row label="TIME">{one.minutes === null ? "—" : `about ${one.minutes} min`}</Row>
      <Row label="TAKES">{one.needs.length > 0 ? thin(one.needs.join(", ")) : "—"}</Row>
      <Row label="UNDOING">{one.reopens ? thin(one.reopens) : "—"}</Row>
      <Row label="VIBRATION">
        <chakra.strong color={colour}>{word}.</chakra.strong> {one.vibrationSays}
      </Row>
      {recipe.findings.map((finding) => (
        <Box key={finding.check} mt={2} data-finding={finding.check}>
          <strong>{thin(finding.says)}</strong> {thin(finding.do)}
        </Box>
      ))}
      <Button onClick={onTake} aria-label={`Open ${name} at the Bench`}>
        Open
      </Button>
    </Panel>
  );
}

const Row = ({ label, children }: { label: string; children: ReactNode }) => (
  <Box mt={2}>
    <Box textStyle="kicker" color="copper">
      {label}
    </Box>
    <Box lineHeight={1.25}>{children}</Box>
  </Box>
);
