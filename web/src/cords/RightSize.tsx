import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { NumberField } from "../bench/NumberField";
import type { Schemas } from "../client";
import { Choice } from "../shared/Choice";
import { Panel, PanelTitle } from "../shared/Panel";
import { useRemembered } from "../shared/remembered";
import { Select } from "../shared/Select";
import { thin, useUnits } from "../shared/Units";
import { cordApi } from "./cordApi";
import { SizeLadder } from "./SizeLadder";

interface Load {
  by: "amps" | "watts";
  load: number | null;
  volts: number | null;
  lengthM: number | null;
  loaded: string;
  phases?: number | null;
  use: Schemas["CordUse"];
}

const usual: Load = { by: "watts", load: 1500, volts: 120, lengthM: 10, loaded: "2", use: "appliance" };

/** The right cord for a load, and the plug that goes on it. */
export function RightSize() {
  const { lead } = useUnits();
  const [load, setLoad] = useRemembered("cord.load", usual);
  const set = (change: Partial<Load>) => setLoad({ ...load, ...change });
  const whole = load.load !== null && load.volts !== null && load.lengthM !== null;
  const size = useQuery({
    queryKey: ["cord", "size", load, lead],
    queryFn: () =>
      cordApi.size({
        amps: load.by === "amps" ? load.load : null,
        watts: load.by === "watts" ? load.load : null,
        volts: load.volts ?? 0,
        lengthM: load.lengthM ?? 0,
        loadedConductors: Number(load.loaded),
        phases: load.loaded === "3" ? (load.phases ?? null) : null,
        use: load.use,
        lead,
      }),
    enabled: whole,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const answer = whole && !size.error ? size.data : undefined;
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "340px minmax(0,1fr)" }}>
      <Panel as="section" aria-label="The load">
        <Choice
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
            options={[
              ["2", "2"],
              ["3", "3"],
              ["4", "4"],
              ["5", "5"],
              ["6", "6"],
            ]}
          />
        </Grid>
        {load.loaded === "3" && (
          <Box mt={2}>
            <Choice
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
          <Choice
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
        <Box role="alert" color="stop" mt={2}>
          {whole ? size.error?.message : "Type load, voltage and length."}
        </Box>
      </Panel>
      {answer && <Answer answer={answer} />}
    </Grid>
  );
}

function Answer({ answer }: { answer: Schemas["CordSizeDocument"] }) {
  const least = answer.cords.find(({ size }) => size === answer.size);
  const { plug } = answer;
  return (
    <Box minW={0} data-cord-size={answer.size ?? "none"}>
      <Panel as="section" aria-label="The cord">
        <Flex gap={6} flexWrap="wrap" alignItems="baseline">
          <Box>
            <Box fontSize="14px" color="ink.soft">
              AT LEAST
            </Box>
            <Box fontSize="44px" lineHeight={1.1} fontFamily="numerals" aria-live="polite">
              {answer.size ? thin(answer.size) : "none"}
            </Box>
            <Box>
              {least
                ? `${thin(least.area)} of copper`
                : "No cord of the table does: shorten it, or wire it fixed."}
            </Box>
          </Box>
          <Box>
            <Box fontSize="14px" color="ink.soft">
              PLUG AND CONNECTOR
            </Box>
            <Box fontSize="28px" fontFamily="numerals">
              {plug ? plug.name : "none usual"}
            </Box>
            <Box>
              {plug
                ? `${plug.volts} V, ${plug.amps} A, three blades (NEMA WD 6); loads up to ${plug.most} A. ${plug.twoBlade ? `On two-wire cord ${plug.twoBlade}, two blades.` : "No two-wire cord here."} Never a cheater.`
                : `${answer.amps.toFixed(1)} A is too much for a plug of the table.`}
            </Box>
          </Box>
        </Flex>
        <SizeLadder cords={answer.cords} least={answer.size} amps={answer.amps} />
      </Panel>
      <Panel as="section" aria-label="Why" mt={3}>
        <PanelTitle>Why</PanelTitle>
        {answer.reasons.map((reason) => (
          <Box key={reason.rule} py={1}>
            {thin(reason.text)}{" "}
            <chakra.span color="ink.soft" fontSize="14px">
              {reason.source}
            </chakra.span>
          </Box>
        ))}
        <Box mt={1} color="caution">
          A coiled cord under load cannot give its heat away: lay it out.
        </Box>
      </Panel>
    </Box>
  );
}
