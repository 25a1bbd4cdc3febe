import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useHouseRules } from "../house/houseRules";
import { NumberField } from "../shared/NumberField";
import type { Schemas } from "../client";
import { SceneView } from "../drawing/SceneView";
import { useRemembered } from "../shared/remembered";
import { inOrder, sayBoth, thin, useUnits } from "../shared/Units";
import { ShelfPlugs } from "./ShelfPlugs";
import { cordApi } from "./cordApi";
import { roleWords } from "./words";
import { ErrorMessage, FieldsPanel, Panel, PanelTitle, Segments, Select } from "../ui";

export interface Plug {
  size: string;
  kind: "three" | "two";
  line: number | null;
  neutral: number | null;
  earth: number | null;
  screw: string;
  grip?: Schemas["PlugGrip"];
}

const usual: Plug = { size: "16 AWG", kind: "three", line: 22, neutral: 22, earth: 30, screw: "#6" };

/** A new plug on a cord, measured; and the way with solder. */
export function Refit() {
  const say = useSay();
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const [plug, setPlug] = useRemembered("cord.plug", usual);
  const [way, setWay] = useRemembered<"screws" | "solder">("cord.way", "screws");
  const set = (change: Partial<Plug>) => setPlug({ ...plug, ...change });
  const refit = useQuery({
    queryKey: ["cord", "refit", plug, rules, lead],
    queryFn: () =>
      cordApi.refit({
        conductor: { size: plug.size, build: "fine-stranded", material: "copper" },
        lineMm: plug.line ?? 0,
        neutralMm: plug.neutral ?? 0,
        earthMm: plug.kind === "three" ? (plug.earth ?? 0) : null,
        screw: plug.screw,
        grip: plug.grip ?? "hook",
        houseRules: rules,
        lead,
      }),
    placeholderData: keepPreviousData,
  });
  const plan = refit.error ? undefined : refit.data;
  const steps = way === "screws" ? plan?.steps : plan?.soldered;
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "340px minmax(0,1fr)" }}>
      <PlugPanel plug={plug} set={set} error={refit.error} />
      {plan && (
        <Box minW={0}>
          <Panel as="section" aria-label="The cord’s end">
            <Grid templateColumns="repeat(auto-fit, minmax(150px, 1fr))" gap={2}>
              <Lead label={plug.kind === "three" ? "JACKET OFF" : "PART IT OVER"} quantity={plan.jacketOff} />
              <Lead label="STRIP EACH" quantity={plan.strip.target} />
            </Grid>
            <SceneView scene={plan.section} metal="copper" height="clamp(300px, 46vh, 420px)" />
            <Flex gap={4} flexWrap="wrap" justifyContent="center" textStyle="dense">
              {plan.terminals.map((terminal) => (
                <Box key={terminal.role} data-lead={terminal.role}>
                  <strong>{say(roleWords[terminal.role].word)}</strong> to {terminal.screw}:{" "}
                  {thin(sayBoth(terminal.length, lead))}
                </Box>
              ))}
            </Flex>
          </Panel>
          <Panel as="section" aria-label="In order" mt={3}>
            <Box maxW="340px" mb={2}>
              <Segments
                label="How it is held"
                value={way}
                onChange={setWay}
                options={[
                  ["screws", "Under screws"],
                  ["solder", "Soldered entry"],
                ]}
              />
            </Box>
            <PanelTitle>
              {way === "screws" ? "In order" : `In order, with an iron of ${plan.ironWatts} W or more`}
            </PanelTitle>
            <Box as="ol" ps={6} listStyleType="decimal">
              {steps?.map((step) => (
                <Box as="li" key={step} py={1}>
                  {thin(step)}
                </Box>
              ))}
            </Box>
          </Panel>
        </Box>
      )}
    </Grid>
  );
}

/** What is measured of the plug. */
function PlugPanel({
  plug,
  set,
  error,
}: {
  plug: Plug;
  set: (change: Partial<Plug>) => void;
  error: Error | null;
}) {
  return (
    <FieldsPanel as="section" aria-label="The plug">
      <Select
        label="Its conductors"
        value={plug.size}
        onChange={(size) => set({ size })}
        options={["18 AWG", "16 AWG", "14 AWG", "12 AWG", "0.75 mm²", "1 mm²", "1.5 mm²", "2.5 mm²"].map(
          (size): [string, string] => [size, size],
        )}
      />
      <ShelfPlugs onTake={set} />
      <Segments
        label="The plug’s blades"
        value={plug.kind}
        onChange={(kind) => set({ kind })}
        options={[
          ["three", "Three-wire"],
          ["two", "Two-wire, flat"],
        ]}
      />
      <Box>
        <Box textStyle="note" color="ink.soft">
          From the inside of its clamp to each screw, mm:
        </Box>
        <Grid templateColumns="1fr 1fr 1fr" gap={2}>
          <NumberField label="Brass" value={plug.line} onChange={(line) => set({ line })} />
          <NumberField label="Silver" value={plug.neutral} onChange={(neutral) => set({ neutral })} />
          {plug.kind === "three" && (
            <NumberField label="Green" value={plug.earth} onChange={(earth) => set({ earth })} />
          )}
        </Grid>
      </Box>
      <Select
        label="Its screws"
        value={plug.screw}
        onChange={(screw) => set({ screw })}
        options={[
          ["#6", "#6, as most"],
          ["#8", "#8"],
          ["#10", "#10"],
        ]}
      />
      <Segments
        label="How an end is held"
        value={plug.grip ?? "hook"}
        onChange={(grip) => set({ grip })}
        options={[
          ["hook", "Hook"],
          ["clamp", "Plate"],
        ]}
      />
      <ErrorMessage of={error} />
    </FieldsPanel>
  );
}

function Lead({ label, quantity }: { label: string; quantity: Schemas["Readout"] }) {
  const { lead } = useUnits();
  const [first, then] = inOrder(quantity, lead);
  return (
    <Box>
      <Box textStyle="note" color="ink.soft">
        {label}
      </Box>
      <Box textStyle="figure.lg">{thin(first)}</Box>
      <chakra.span textStyle="note">{thin(then)}</chakra.span>
    </Box>
  );
}
