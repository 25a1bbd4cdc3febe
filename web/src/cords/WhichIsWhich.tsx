import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { useHouseRules } from "../bench/houseRules";
import { useRemembered } from "../shared/remembered";
import { MeterPanel } from "./MeterPanel";
import { cordApi } from "./cordApi";
import { certainties, cueWords, roleWords } from "./words";
import { Button, Checkbox, Panel, Segments, TextField } from "../ui";

interface Seen {
  colour: string;
  cues: Schemas["IdentityCue"][];
}

const blank: Seen = { colour: "", cues: [] };

/** What each conductor of a cord is for, by what is seen of it; where that is not enough, by the meter. */
export function WhichIsWhich() {
  const { rules } = useHouseRules();
  const [region, setRegion] = useRemembered<NonNullable<Schemas["Region"]>>(
    "cord.region",
    rules.region ?? "north-america",
  );
  const [foreign, setForeign] = useRemembered("cord.foreign", false);
  const [seen, setSeen] = useRemembered<Seen[]>("cord.conductors", [blank, blank, blank]);
  const identity = useQuery({
    queryKey: ["cord", "identify", region, foreign, seen],
    queryFn: () => cordApi.identify({ region, foreign, conductors: seen }),
    placeholderData: keepPreviousData,
  });
  const set = (at: number, change: Partial<Seen>) =>
    setSeen(seen.map((one, i) => (i === at ? { ...one, ...change } : one)));
  const found = identity.error ? undefined : identity.data;
  return (
    <Flex direction="column" gap={3}>
      <Grid gap={3} templateColumns={{ base: "1fr", md: "240px 300px auto auto" }} alignItems="end">
        <Segments
          label="Conductors"
          value={String(seen.length)}
          onChange={(count) => setSeen(Array.from({ length: Number(count) }, (_, i) => seen[i] ?? blank))}
          options={[
            ["2", "Two"],
            ["3", "Three"],
          ]}
        />
        <Segments
          label="Colours of"
          value={region}
          onChange={setRegion}
          options={[
            ["north-america", "North America"],
            ["iec", "IEC"],
          ]}
        />
        <Checkbox checked={foreign} onChange={setForeign}>
          It may be from elsewhere
        </Checkbox>
        <Button variant="plain" justifySelf="start" onClick={() => setSeen(seen.map(() => blank))}>
          Reset
        </Button>
      </Grid>
      <Box role="alert" color="stop">
        {identity.error?.message}
      </Box>
      <Grid gap={2} templateColumns={{ base: "1fr", md: `repeat(${seen.length}, minmax(0, 1fr))` }}>
        {seen.map((one, i) => (
          <Panel key={i} as="section" aria-label={`Conductor ${i + 1}`}>
            <Verdict at={i} of={found?.conductors[i]} />
            <TextField
              id={`colour-${i}`}
              label="Its colour"
              value={one.colour}
              maxLength={40}
              autoComplete="off"
              placeholder="black, blue, green/yellow; empty where alike"
              onChange={(event) => set(i, { colour: event.target.value })}
            />
            <Grid templateColumns="repeat(auto-fill, minmax(150px, 1fr))" columnGap={2} mt={1}>
              {(Object.keys(cueWords) as Schemas["IdentityCue"][]).map((cue) => (
                <Checkbox
                  key={cue}
                  checked={one.cues.includes(cue)}
                  onChange={(on) =>
                    set(i, { cues: on ? [...one.cues, cue] : one.cues.filter((other) => other !== cue) })
                  }
                >
                  {cueWords[cue]}
                </Checkbox>
              ))}
            </Grid>
          </Panel>
        ))}
      </Grid>
      {found && found.meter.length > 0 && <MeterPanel conductors={seen.length} steps={found.meter} />}
    </Flex>
  );
}

function Verdict({ at, of }: { at: number; of: Schemas["IdentifiedConductor"] | undefined }) {
  const role = roleWords[of?.role ?? "unknown"];
  return (
    <Box
      aria-live="polite"
      data-conductor={at + 1}
      data-role={of?.role}
      data-certainty={of?.certainty}
      mb={2}
    >
      <Box textStyle="note" color="ink.soft">
        Conductor {at + 1}
      </Box>
      <Flex gap={2} alignItems="baseline" flexWrap="wrap">
        <chakra.span textStyle="figure.lg" lineHeight={1.1} color={role.colour}>
          {role.word}
        </chakra.span>
        {of && (
          <chakra.span fontWeight={700} color={of.certainty === "meter-it" ? "stop" : undefined}>
            {certainties[of.certainty]}
          </chakra.span>
        )}
      </Flex>
      <Box as="ul" listStyleType="none" textStyle="dense">
        {of?.cues.map((cue) => (
          <li key={cue.says}>
            {cue.says}{" "}
            <chakra.span color="ink.soft" textStyle="note">
              {cue.isStrong ? "" : "Weak. "}
              {cue.source}
            </chakra.span>
          </li>
        ))}
        {of?.misleads.map((says) => (
          <chakra.li key={says} color="caution">
            {says}
          </chakra.li>
        ))}
      </Box>
    </Box>
  );
}
