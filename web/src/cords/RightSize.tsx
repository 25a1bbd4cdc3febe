import { Box, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useHouseRules } from "../house/houseRules";
import { NumberField } from "../shared/NumberField";
import type { Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { useUnits } from "../shared/Units";
import { CordAnswer } from "./CordAnswer";
import { cordApi, startersOf } from "./cordApi";
import { Checkbox, ErrorMessage, Panel, Segments, Select } from "../ui";

interface Load {
  by: "amps" | "watts";
  load: number | null;
  volts: number | null;
  lengthM: number | null;
  loaded: string;
  phases?: number | null;
  use: Schemas["CordUse"];
  duty?: Schemas["CordDuty"];
  outdoors?: boolean;
}

/** Without volts it is one of the household supply, which the region has. */
const usual: Load = { by: "watts", load: 1500, volts: null, lengthM: 10, loaded: "2", use: "appliance" };

/** The right cord for a load, and the plug that goes on it. */
export function RightSize() {
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const [region, setRegion] = useRemembered<NonNullable<Schemas["Region"]>>(
    "cord.region",
    rules.region ?? "north-america",
  );
  const supplies = useQuery(startersOf).data?.supplies;
  const householdOf = (of: typeof region) => supplies?.find((supply) => supply.region === of)?.volts ?? null;
  const [typed, setLoad] = useRemembered<Load>("cord.load", usual);
  const load = { ...typed, volts: typed.volts ?? householdOf(region) };
  const set = (change: Partial<Load>) => setLoad({ ...load, ...change });
  const most = region === "iec" ? 3 : 6;
  const whole = load.load !== null && load.volts !== null && load.lengthM !== null;
  const size = useQuery({
    queryKey: ["cord", "size", load, region, lead],
    queryFn: () =>
      cordApi.size({
        amps: load.by === "amps" ? load.load : null,
        watts: load.by === "watts" ? load.load : null,
        volts: load.volts ?? 0,
        lengthM: load.lengthM ?? 0,
        loadedConductors: Number(load.loaded),
        phases: load.loaded === "3" ? (load.phases ?? null) : null,
        use: load.use,
        duty: load.duty ?? "ordinary",
        outdoors: load.outdoors ?? false,
        region,
        lead,
      }),
    enabled: whole,
    placeholderData: keepPreviousData,
  });
  const answer = whole && !size.error ? size.data : undefined;
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "340px minmax(0,1fr)" }}>
      <Panel as="section" aria-label="The load">
        <Segments
          label="Cords and plugs of"
          value={region}
          onChange={(next) => {
            setRegion(next);
            set({ volts: householdOf(next), loaded: Number(load.loaded) > 3 ? "3" : load.loaded });
          }}
          options={[
            ["north-america", "North America"],
            ["iec", "IEC, 230 V"],
          ]}
        />
        <Box h={2} />
        <Segments
          label="Load given in"
          value={load.by}
          onChange={(by) => set({ by })}
          options={[
            ["watts", "Watts"],
            ["amps", "Amperes"],
          ]}
        />
        <Grid templateColumns="1fr 1fr" gap={2} mt={2}>
          <NumberField
            label={load.by === "watts" ? "Load, W" : "Load, A"}
            value={load.load}
            onChange={(value) => set({ load: value })}
          />
          <NumberField label="Voltage, V" value={load.volts} onChange={(volts) => set({ volts })} />
          <NumberField label="Length, m" value={load.lengthM} onChange={(lengthM) => set({ lengthM })} />
          <Select
            label="Loaded conductors"
            value={load.loaded}
            onChange={(loaded) => set({ loaded })}
            options={["2", "3", "4", "5", "6"].slice(0, most - 1).map((count) => [count, count])}
          />
        </Grid>
        <HowItIsUsed load={load} set={set} />
        <ErrorMessage of={whole ? size.error : "Type load, voltage and length."} />
      </Panel>
      {answer && <CordAnswer answer={answer} />}
    </Grid>
  );
}

/** Its phases, what it feeds, and what it is put through. */
function HowItIsUsed({ load, set }: { load: Load; set: (change: Partial<Load>) => void }) {
  return (
    <>
      {load.loaded === "3" && (
        <Box mt={2}>
          <Segments
            label="Phases"
            value={String(load.phases ?? "unsaid")}
            onChange={(phases) => set({ phases: phases === "unsaid" ? null : Number(phases) })}
            options={[
              ["unsaid", "Not said"],
              ["1", "One phase"],
              ["3", "Three phases"],
            ]}
          />
        </Box>
      )}
      <Box mt={2}>
        <Segments
          label="What it feeds"
          value={load.use}
          onChange={(use) => set({ use })}
          options={[
            ["light", "Electronics"],
            ["appliance", "Appliance"],
            ["motor", "Motor"],
          ]}
        />
      </Box>
      <Box mt={2}>
        <Segments
          label="What it is put through"
          value={load.duty ?? "ordinary"}
          onChange={(duty) => set({ duty })}
          options={[
            ["light", "Hardly moved"],
            ["ordinary", "Moved about"],
            ["heavy", "Dragged, oil"],
          ]}
        />
      </Box>
      <Checkbox checked={load.outdoors ?? false} onChange={(outdoors) => set({ outdoors })}>
        In the wet or in the sun
      </Checkbox>
    </>
  );
}
