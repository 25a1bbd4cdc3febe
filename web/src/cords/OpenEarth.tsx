import { Box, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { CaseDiagram } from "./CaseDiagram";
import { cordApi, startersOf } from "./cordApi";
import { Checkbox, ErrorMessage, FieldsPanel, Panel, PanelTitle, Segments } from "../ui";

type Filter = "both" | "line" | "neutral";
interface Fault {
  region: NonNullable<Schemas["Region"]>;
  open: boolean;
  reversed: boolean;
  filter: Filter;
}

/** Why a case with an open earth shocks, and what reversed polarity makes of it: a small circuit that can be played with. */
export function OpenEarth() {
  const say = useSay();
  const [fault, setFault] = useRemembered<Fault>("cord.open-earth", {
    region: "north-america",
    open: true,
    reversed: false,
    filter: "both",
  });
  const set = (change: Partial<Fault>) => setFault({ ...fault, ...change });
  const starters = useQuery(startersOf).data;
  const supply = starters?.supplies.find(({ region }) => region === fault.region);
  const usual = starters?.filterNanofarads ?? 0;
  const answer = useQuery({
    queryKey: ["cord", "case", fault],
    enabled: supply !== undefined,
    queryFn: () =>
      cordApi.caseVoltage({
        volts: supply?.volts ?? 0,
        hertz: supply?.hertz ?? 0,
        // A capacitor that failed open has none.
        lineNanofarads: fault.filter === "neutral" ? 0 : usual,
        neutralNanofarads: fault.filter === "line" ? 0 : usual,
        earthed: !fault.open,
        reversed: fault.reversed,
      }),
    placeholderData: keepPreviousData,
  });
  const found = answer.data;
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "340px minmax(0,1fr)" }}>
      <FieldsPanel as="section" aria-label="What is wrong">
        <Segments
          label="Supply"
          value={fault.region}
          onChange={(region) => set({ region })}
          options={(starters?.supplies ?? []).flatMap(({ region, volts }): [Fault["region"], string][] =>
            region ? [[region, `${volts} V`]] : [],
          )}
        />
        <Checkbox checked={fault.open} onChange={(open) => set({ open })}>
          {say("The earth is open")}
        </Checkbox>
        <Checkbox checked={fault.reversed} onChange={(reversed) => set({ reversed })}>
          {say("Line and neutral are swapped")}
        </Checkbox>
        <Box>
          <PanelTitle mb={1}>The filter’s capacitors</PanelTitle>
          <Segments
            label="The filter’s capacitors"
            value={fault.filter}
            onChange={(filter) => set({ filter })}
            options={[
              ["both", "Both"],
              ["line", say("Line’s alone")],
              ["neutral", "Neutral’s alone"],
            ]}
          />
        </Box>
        <ErrorMessage of={answer.error} />
      </FieldsPanel>
      {found && (
        <Panel as="section" aria-label="What a meter would show">
          <Flex gap={6} flexWrap="wrap">
            <Reading label={say("CASE TO EARTH")} value={`${found.caseVolts.toFixed(0)} V`} of="case" />
            <Reading label="THROUGH A HAND" value={`${found.touchMilliamps.toFixed(2)} mA`} of="touch" />
            <Reading
              label="TO A CASE PLUGGED THE OTHER WAY"
              value={`${found.betweenCasesVolts.toFixed(0)} V`}
              of="between"
            />
          </Flex>
          <CaseDiagram
            open={fault.open}
            reversed={fault.reversed}
            filter={fault.filter}
            volts={found.caseVolts}
          />
          <Box mt={2}>{found.says}</Box>
          <Box mt={2} color="caution">
            {found.caution}
          </Box>
        </Panel>
      )}
    </Grid>
  );
}

function Reading({ label, value, of }: { label: string; value: string; of: string }) {
  return (
    <Box data-reading={of}>
      <Box textStyle="note" color="ink.soft">
        {label}
      </Box>
      <Box textStyle="figure.xl" lineHeight={1.1}>
        {value}
      </Box>
    </Box>
  );
}
