import { Box, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useForm, useWatch, type UseFormReturn } from "react-hook-form";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { Button, Checkbox, Panel, Segments, Select, TextField } from "../ui";

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

interface Typed extends Device {
  /** What somebody saw in this box; a breaker's rating does not say what was pulled in behind it. */
  size: string;
  aluminium: boolean;
}

const begun: Typed = { ...usual, size: "", aluminium: false };

const conductorOf = (size: string, aluminium: boolean) =>
  size
    ? {
        size,
        build: "solid" as const,
        material: aluminium ? ("aluminium" as const) : ("copper" as const),
        insulationOuterDiameterMm: null,
      }
    : null;

/** The next device stands on the same circuit; what was wrong with this one is not wrong with it. */
const after = (done: Typed): Typed => ({
  ...begun,
  type: done.type,
  ratingAmps: done.ratingAmps,
  breakerAmps: done.breakerAmps,
  circuit: done.circuit,
  aluminium: done.aluminium,
  name: /\d+\s*$/.test(done.name) ? next(done.name) : "",
});

/** One device in three taps: how it is wired, what the tester says, how it looks. The rest stays as it was. */
export function SurveyTaps({ job, count }: { job: string; count: number }) {
  const { send, busy } = useChanges();
  const form = useForm<Typed>({ defaultValues: begun });
  const add = form.handleSubmit((typed) => {
    const { size, aluminium, ...device } = typed;
    return send((id) =>
      jobApi.addToSurvey(job, {
        id,
        devices: [
          { ...device, name: device.name || `Device ${count + 1}`, conductor: conductorOf(size, aluminium) },
        ],
      }),
    ).then((kept) => kept && form.reset(after(typed)));
  });
  return (
    <Panel as="section" aria-label="Survey a device">
      <Flex direction="column" gap={3}>
        <Box textStyle="dense" color="caution">
          Before a cover comes off: switch off, lock, and prove it dead with a tester that was proved on a
          live source.
        </Box>
        <Taps form={form} />
        <Seen form={form} />
        <Grid templateColumns={{ base: "1fr 1fr", md: "2fr 1fr 1fr 1fr 1fr auto" }} gap={2} alignItems="end">
          <Which form={form} count={count} />
          <Button variant="solid" disabled={busy} onClick={() => void add()}>
            Add
          </Button>
        </Grid>
      </Flex>
    </Panel>
  );
}

type Form = UseFormReturn<Typed>;

/** What is asked of each device, a tap each. */
function Taps({ form: { control, setValue } }: { form: Form }) {
  const say = useSay();
  const [wiring, polarity, condition, size] = useWatch({
    control,
    name: ["wiring", "polarity", "condition", "size"],
  });
  return (
    <>
      <Tap title="1 · How is it wired?">
        <Segments
          label="How is it wired?"
          value={wiring}
          onChange={(to) => setValue("wiring", to)}
          options={[
            ["side-screw", "Side screw"],
            ["clamp", "Clamp"],
            ["back-stab", "Back-stab"],
            ["lever", "Lever"],
          ]}
        />
      </Tap>
      <Tap title="2 · What does the tester say?">
        <Segments
          label="What does the tester say?"
          value={polarity}
          onChange={(to) => setValue("polarity", to)}
          options={[
            ["right", "Right"],
            ["reversed", "Reversed"],
            ["open-earth", say("Open earth")],
            ["bootleg", say("Earth tied to neutral")],
          ]}
        />
      </Tap>
      <Tap
        title={
          wiring === "back-stab"
            ? "3 · How does it look? Wiggle each stabbed wire."
            : "3 · How does it look? Tug each wire."
        }
      >
        <Segments
          label="How does it look?"
          value={condition}
          onChange={(to) => setValue("condition", to)}
          options={[
            ["good", "Good"],
            ["loose", "A wire moves"],
            ["scorched", "Browned, melted"],
          ]}
        />
      </Tap>
      <Tap title="Which wire is in the wall? Read its jacket, or gauge it.">
        <Segments
          label="Which wire is in the wall?"
          value={size}
          onChange={(to) => setValue("size", to)}
          options={[
            ["", "Nobody can say"],
            ["14 AWG", "14 AWG"],
            ["12 AWG", "12 AWG"],
            ["10 AWG", "10 AWG"],
          ]}
        />
      </Tap>
    </>
  );
}

/** What else is seen, ticked where it is so. */
function Seen({ form: { control, setValue } }: { form: Form }) {
  const seen = useWatch({ control });
  return (
    <Flex columnGap={4} rowGap={0} flexWrap="wrap">
      <Checkbox checked={seen.doubled ?? false} onChange={(to) => setValue("doubled", to)}>
        Two wires under one
      </Checkbox>
      {seen.wiring === "side-screw" && (
        <Checkbox
          checked={seen.hook !== "clockwise"}
          onChange={(against) => setValue("hook", against ? "counter-clockwise" : "clockwise")}
        >
          Hook against the screw
        </Checkbox>
      )}
      <Checkbox
        checked={(seen.bareShowingMm ?? 0) > 0}
        onChange={(bare) => setValue("bareShowingMm", bare ? 5 : null)}
      >
        Bare metal shows, about 5 mm
      </Checkbox>
      <Checkbox checked={seen.insulationCaught ?? false} onChange={(to) => setValue("insulationCaught", to)}>
        Plastic under a screw
      </Checkbox>
      {seen.size && (
        <Checkbox checked={seen.aluminium ?? false} onChange={(to) => setValue("aluminium", to)}>
          Aluminium in the wall
        </Checkbox>
      )}
    </Flex>
  );
}

/** Which device it is, and what it stands on. */
function Which({ form: { control, register, setValue }, count }: { form: Form; count: number }) {
  const [type, ratingAmps, breakerAmps] = useWatch({ control, name: ["type", "ratingAmps", "breakerAmps"] });
  return (
    <>
      <Box gridColumn={{ base: "1 / -1", md: "auto" }}>
        <TextField
          id="survey-name"
          label="Name"
          maxLength={120}
          autoComplete="off"
          placeholder={`Device ${count + 1}`}
          {...register("name")}
        />
      </Box>
      <Select
        label="Device"
        value={type}
        onChange={(to) => setValue("type", to)}
        options={[
          ["receptacle", "receptacle"],
          ["ground-fault-receptacle", "ground-fault"],
          ["switch", "switch"],
        ]}
      />
      <Select
        label="Rating"
        value={String(ratingAmps)}
        onChange={(amps) => setValue("ratingAmps", Number(amps))}
        options={rating}
      />
      <Select
        label="Breaker"
        value={String(breakerAmps)}
        onChange={(amps) => setValue("breakerAmps", Number(amps))}
        options={rating}
      />
      <Box>
        <TextField
          id="survey-circuit"
          label="Circuit"
          maxLength={60}
          autoComplete="off"
          {...register("circuit", { setValueAs: (text: string | null) => text || null })}
        />
      </Box>
    </>
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
