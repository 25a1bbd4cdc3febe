import { Box, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { useHouseRules } from "../house/houseRules";
import { useRemembered } from "../shared/remembered";
import { cordApi, startersOf } from "./cordApi";
import { CordPicture } from "./CordPicture";
import { KeepInJob } from "../job/KeepInJob";
import { cordVerdicts, placeWords, type Prices } from "./words";
import { TriageAnswer } from "./TriageAnswer";
import { Button, Checkbox, Panel, PanelTitle, TextField } from "../ui";

type Cue = Schemas["CordCue"];
type Place = Schemas["CordPlace"];

/** A cord looked over from plug to entry: what is ticked leads to what becomes of it, and what that costs. */
export function LookFirst() {
  const { rules } = useHouseRules();
  const [seen, setSeen] = useRemembered<Cue[]>("cord.seen", []);
  const [sound, setSound] = useRemembered<Place[]>("cord.sound", []);
  const [name, setName] = useRemembered("cord.name", "");
  const [moulded, setMoulded] = useRemembered("cord.moulded", true);
  const starters = useQuery(startersOf);
  const [own, setPrices] = useRemembered<Prices | null>("cord.prices", null);
  const prices = own ?? starters.data?.prices ?? null;
  const signs = useQuery({ queryKey: ["cord", "signs"], queryFn: cordApi.signs, staleTime: Infinity });
  const rule = rules.damagedCord ?? "replace-with-moulded-cord";
  const triage = useQuery({
    queryKey: ["cord", "triage", seen, sound, moulded, prices, rule],
    queryFn: () => cordApi.triage({ seen, sound, mouldedToBeHad: moulded, rule, prices, lead: "metric" }),
    enabled: prices !== null,
    placeholderData: keepPreviousData,
  });
  // A place where something was seen is not sound, and the other way round.
  const tick = ({ cue, place }: Schemas["CordSign"], on: boolean) => {
    setSeen(on ? [...seen, cue] : seen.filter((one) => one !== cue));
    if (on) setSound(sound.filter((one) => one !== place));
  };
  const passAs = (place: Place, passes: boolean) =>
    setSound(passes ? [...sound, place] : sound.filter((one) => one !== place));
  const marked = new Set(
    (signs.data ?? []).filter((sign) => seen.includes(sign.cue)).map(({ place }) => place),
  );
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0,1fr) 380px" }}>
      <Box minW={0}>
        {triage.data && (
          // On a phone the answer stays in sight while one looks on.
          <Box
            display={{ lg: "none" }}
            position="sticky"
            top={0}
            zIndex={1}
            bg="paper"
            py={1}
            textStyle="title"
            fontWeight={700}
            color={cordVerdicts[triage.data.verdict].colour}
          >
            {cordVerdicts[triage.data.verdict].word}
          </Box>
        )}
        <CordPicture
          marked={marked}
          onSpot={(place) => document.getElementById(`look-${place}`)?.scrollIntoView({ block: "start" })}
        />
        <Places
          signs={signs.data ?? []}
          seen={seen}
          sound={sound}
          marked={marked}
          onTick={tick}
          onPass={passAs}
        />
      </Box>
      <Box position={{ lg: "sticky" }} top={{ lg: 0 }} alignSelf="start">
        {prices && (
          <TriageAnswer
            triage={triage.data}
            error={triage.error}
            prices={prices}
            onPrices={setPrices}
            moulded={moulded}
            onMoulded={setMoulded}
          />
        )}
        <Box my={3}>
          <TextField
            id="cord-name"
            label="Which cord"
            value={name}
            maxLength={200}
            autoComplete="off"
            placeholder="projector cord"
            onChange={(event) => setName(event.target.value)}
          />
        </Box>
        <KeepInJob
          kind="cord"
          name={name}
          part={(id) => ({
            part: "cord",
            id,
            order: 0,
            name: name.trim(),
            seen,
            sound,
            mouldedToBeHad: moulded,
          })}
          onOpen={(part) => {
            if (part.part !== "cord") return;
            setName(part.name);
            setSeen(part.seen ?? []);
            setSound(part.sound ?? []);
            setMoulded(part.mouldedToBeHad ?? true);
          }}
        />
        {seen.length + sound.length > 0 && (
          <Button
            variant="plain"
            onClick={() => {
              setSeen([]);
              setSound([]);
            }}
          >
            Reset
          </Button>
        )}
      </Box>
    </Grid>
  );
}

const places = Object.keys(placeWords) as Place[];

/** Each place to look at, with what may be seen there. */
function Places({
  signs,
  seen,
  sound,
  marked,
  onTick,
  onPass,
}: {
  signs: Schemas["CordSign"][];
  seen: Cue[];
  sound: Place[];
  marked: Set<Place>;
  onTick: (sign: Schemas["CordSign"], on: boolean) => void;
  onPass: (place: Place, passes: boolean) => void;
}) {
  return (
    <Grid gap={2} templateColumns="repeat(auto-fill, minmax(250px, 1fr))" mt={2}>
      {places.map((place, i) => (
        <Panel key={place} role="group" aria-label={placeWords[place]} id={`look-${place}`}>
          <PanelTitle>
            {i + 1}. {placeWords[place]}
          </PanelTitle>
          {signs
            .filter((sign) => sign.place === place)
            .map((sign) => (
              <Checkbox key={sign.cue} checked={seen.includes(sign.cue)} onChange={(on) => onTick(sign, on)}>
                {sign.looks}
              </Checkbox>
            ))}
          {!marked.has(place) && (
            <Checkbox checked={sound.includes(place)} onChange={(passes) => onPass(place, passes)}>
              <strong>Looked: sound</strong>
            </Checkbox>
          )}
        </Panel>
      ))}
    </Grid>
  );
}
