import { Box, Flex, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { CheckField } from "../shared/CheckField";
import { Choice } from "../shared/Choice";
import { Action, Field, FieldLabel, Panel } from "../shared/Panel";
import { Select } from "../shared/Select";
import { jobApi } from "./jobApi";
import { useChanges } from "./useChanges";

type Device = Required<Omit<Schemas["SurveyedDeviceDocument"], "conductor">>;

const usual: Device = {
  name: "",
  type: "receptacle",
  wiring: "side-screw",
  hook: "clockwise",
  doubled: false,
  polarity: "right",
  condition: "good",
  bareShowingMm: null,
  insulationCaught: false,
  circuit: null,
  ratingAmps: 15,
  breakerAmps: 15,
};

const rating: [string, string][] = [
  ["15", "15 A"],
  ["20", "20 A"],
  ["30", "30 A"],
];

/** The next number after the last: "Kitchen 3" → "Kitchen 4". */
const next = (name: string) => name.replace(/(\d+)\s*$/, (digits) => String(Number(digits) + 1));

/** One device in three taps: how it is wired, what the tester says, how it looks. The rest stays as it was. */
export function SurveyTaps({ job, count }: { job: string; count: number }) {
  const { send, person, busy } = useChanges();
  const [device, setDevice] = useState<Device>(usual);
  const [aluminium, setAluminium] = useState(false);
  // What somebody saw in this box; a breaker's rating does not say what was pulled in behind it.
  const [size, setSize] = useState("");
  const set = (values: Partial<Device>) => setDevice((before) => ({ ...before, ...values }));
  const name = device.name || `Device ${count + 1}`;
  const add = () =>
    void send((id, personId) =>
      jobApi.addToSurvey(job, {
        id,
        personId,
        devices: [
          {
            ...device,
            name,
            conductor: size
              ? {
                  size,
                  build: "solid",
                  material: aluminium ? "aluminium" : "copper",
                  insulationOuterDiameterMm: null,
                }
              : null,
          },
        ],
      }),
    ).then((kept) => {
      if (!kept) return;
      // The next device stands on the same circuit; what was wrong with this one is not wrong with it.
      setDevice({
        ...usual,
        type: device.type,
        ratingAmps: device.ratingAmps,
        breakerAmps: device.breakerAmps,
        circuit: device.circuit,
        name: /\d+\s*$/.test(name) && device.name ? next(name) : "",
      });
      setSize("");
    });
  return (
    <Panel as="section" aria-label="Survey a device">
      <Flex direction="column" gap={3}>
        <Box fontSize="15px" color="caution">
          Before a cover comes off: switch off, lock, and prove it dead with a tester that was proved on a
          live source.
        </Box>
        <Tap title="1 · How is it wired?">
          <Choice
            label="How is it wired?"
            wrap
            value={device.wiring}
            onChange={(wiring) => set({ wiring })}
            options={[
              ["side-screw", "Side screw"],
              ["clamp", "Clamp"],
              ["back-stab", "Back-stab"],
              ["lever", "Lever"],
            ]}
          />
        </Tap>
        <Tap title="2 · What does the tester say?">
          <Choice
            label="What does the tester say?"
            wrap
            value={device.polarity}
            onChange={(polarity) => set({ polarity })}
            options={[
              ["right", "Right"],
              ["reversed", "Reversed"],
              ["open-earth", "Open earth"],
              ["bootleg", "Earth tied to neutral"],
            ]}
          />
        </Tap>
        <Tap
          title={
            device.wiring === "back-stab"
              ? "3 · How does it look? Wiggle each stabbed wire."
              : "3 · How does it look? Tug each wire."
          }
        >
          <Choice
            label="How does it look?"
            wrap
            value={device.condition}
            onChange={(condition) => set({ condition })}
            options={[
              ["good", "Good"],
              ["loose", "A wire moves"],
              ["scorched", "Browned, melted"],
            ]}
          />
        </Tap>
        <Tap title="Which wire is in the wall? Read its jacket, or gauge it.">
          <Choice
            label="Which wire is in the wall?"
            wrap
            value={size}
            onChange={setSize}
            options={[
              ["", "Nobody can say"],
              ["14 AWG", "14 AWG"],
              ["12 AWG", "12 AWG"],
              ["10 AWG", "10 AWG"],
            ]}
          />
        </Tap>
        <Flex columnGap={4} rowGap={0} flexWrap="wrap">
          <CheckField checked={device.doubled} onChange={(doubled) => set({ doubled })}>
            Two wires under one
          </CheckField>
          {device.wiring === "side-screw" && (
            <CheckField
              checked={device.hook !== "clockwise"}
              onChange={(against) => set({ hook: against ? "counter-clockwise" : "clockwise" })}
            >
              Hook against the screw
            </CheckField>
          )}
          <CheckField
            checked={(device.bareShowingMm ?? 0) > 0}
            onChange={(bare) => set({ bareShowingMm: bare ? 5 : null })}
          >
            Bare metal shows, about 5 mm
          </CheckField>
          <CheckField
            checked={device.insulationCaught}
            onChange={(insulationCaught) => set({ insulationCaught })}
          >
            Plastic under a screw
          </CheckField>
          {size && (
            <CheckField checked={aluminium} onChange={setAluminium}>
              Aluminium in the wall
            </CheckField>
          )}
        </Flex>
        <Grid templateColumns={{ base: "1fr 1fr", md: "2fr 1fr 1fr 1fr 1fr auto" }} gap={2} alignItems="end">
          <Box gridColumn={{ base: "1 / -1", md: "auto" }}>
            <FieldLabel htmlFor="survey-name">Name</FieldLabel>
            <Field
              id="survey-name"
              value={device.name}
              maxLength={120}
              autoComplete="off"
              placeholder={`Device ${count + 1}`}
              onChange={(event) => set({ name: event.target.value })}
            />
          </Box>
          <Select
            label="Device"
            value={device.type}
            onChange={(type) => set({ type })}
            options={[
              ["receptacle", "receptacle"],
              ["ground-fault-receptacle", "ground-fault"],
              ["switch", "switch"],
            ]}
          />
          <Select
            label="Rating"
            value={String(device.ratingAmps)}
            onChange={(amps) => set({ ratingAmps: Number(amps) })}
            options={rating}
          />
          <Select
            label="Breaker"
            value={String(device.breakerAmps)}
            onChange={(amps) => set({ breakerAmps: Number(amps) })}
            options={rating}
          />
          <Box>
            <FieldLabel htmlFor="survey-circuit">Circuit</FieldLabel>
            <Field
              id="survey-circuit"
              value={device.circuit ?? ""}
              maxLength={60}
              autoComplete="off"
              onChange={(event) => set({ circuit: event.target.value || null })}
            />
          </Box>
          <Action look="main" disabled={!person || busy} onClick={add}>
            {person ? "Add it" : "Type your name first"}
          </Action>
        </Grid>
      </Flex>
    </Panel>
  );
}

const Tap = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <Box>
    <Box fontWeight={700} mb={1}>
      {title}
    </Box>
    {children}
  </Box>
);
