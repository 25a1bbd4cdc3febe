import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useHouseRules } from "../house/houseRules";
import type { Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { Source } from "../shown/Source";
import { Button, Checkbox, ErrorMessage, Panel, Segments, TextField } from "../ui";
import { ConductorPicture } from "./ConductorPicture";
import { cordApi } from "./cordApi";
import { MeterPanel } from "./MeterPanel";
import { certainties, cueWords, roleWords } from "./words";

type Cue = Schemas["IdentityCue"];

interface Seen {
  colour: string;
  cues: Cue[];
}

const blank: Seen = { colour: "", cues: [] };

/** What each conductor of a cord is for, by what is seen of it; where that is not enough, by the meter. */
export function WhichIsWhich() {
  const say = useSay();
  const { rules } = useHouseRules();
  const [region, setRegion] = useRemembered<NonNullable<Schemas["Region"]>>(
    "cord.region",
    rules.region ?? "north-america",
  );
  const [foreign, setForeign] = useRemembered("cord.foreign", false);
  const [seen, setSeen] = useRemembered<Seen[]>("cord.conductors", [blank, blank, blank]);
  const [at, setAt] = useState(0);
  const chosen = Math.min(at, seen.length - 1);
  const identity = useQuery({
    queryKey: ["cord", "identify", region, foreign, seen],
    queryFn: () => cordApi.identify({ region, foreign, conductors: seen }),
    placeholderData: keepPreviousData,
  });
  const set = (which: number, change: Partial<Seen>) =>
    setSeen(seen.map((one, i) => (i === which ? { ...one, ...change } : one)));
  const tick = (which: number, cue: Cue) => {
    const cues = seen[which]?.cues ?? [];
    setAt(which);
    set(which, { cues: cues.includes(cue) ? cues.filter((one) => one !== cue) : [...cues, cue] });
  };
  const found = identity.error ? undefined : identity.data;
  return (
    <Flex direction="column" gap={3}>
      <Grid gap={3} templateColumns={{ base: "1fr", md: "200px 280px auto auto 1fr" }} alignItems="center">
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
      <Box>
        Conductor <strong>{chosen + 1}</strong>: tap each ring where you see something of it.
      </Box>
      <ConductorPicture
        seen={seen}
        hues={seen.map((_, i) => found?.conductors[i] ?? {})}
        chosen={chosen}
        onChoose={setAt}
        onCue={tick}
      />
      <ErrorMessage of={identity.error} />
      <Grid gap={2} templateColumns={{ base: "1fr", md: `repeat(${seen.length}, minmax(0, 1fr))` }}>
        {seen.map((one, i) => (
          <Panel
            key={i}
            as="section"
            aria-label={`Conductor ${i + 1}`}
            borderColor={i === chosen ? "copper" : "line"}
            onFocus={() => setAt(i)}
          >
            <Verdict at={i} of={found?.conductors[i]} />
            <TextField
              id={`colour-${i}`}
              label="Its colour"
              value={one.colour}
              maxLength={40}
              placeholder="black, blue, green/yellow; empty where alike"
              onChange={(event) => set(i, { colour: event.target.value })}
            />
            {one.cues.length > 0 && (
              <Flex gap={1} mt={2} flexWrap="wrap" role="group" aria-label={`Seen of conductor ${i + 1}`}>
                {one.cues.map((cue) => (
                  <Button
                    key={cue}
                    size="sm"
                    onClick={() => tick(i, cue)}
                    aria-label={`Remove: ${say(cueWords[cue])}`}
                  >
                    {say(cueWords[cue])} ×
                  </Button>
                ))}
              </Flex>
            )}
          </Panel>
        ))}
      </Grid>
      {found && found.meter.length > 0 && <MeterPanel conductors={seen.length} steps={found.meter} />}
    </Flex>
  );
}

function Verdict({ at, of }: { at: number; of: Schemas["IdentifiedConductor"] | undefined }) {
  const say = useSay();
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
        <chakra.span textStyle="word.lg" color={role.colour}>
          {say(role.word)}
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
            {cue.says} {!cue.isStrong && "Weak. "}
            <Source of={cue.source} />
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
