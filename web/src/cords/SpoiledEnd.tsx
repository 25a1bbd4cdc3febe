import { Box, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useHouseRules } from "../house/houseRules";
import { NumberField } from "../shared/NumberField";
import type { Schemas } from "../client";
import { Assessed } from "../rework/Assessed";
import { SceneView } from "../drawing/SceneView";
import { FaultPicker } from "../rework/FaultPicker";
import { nothingSeen, toFound } from "../rework/seen";
import { useRemembered } from "../shared/remembered";
import { useUnits } from "../shared/Units";
import { cordApi } from "./cordApi";
import { Checkbox, ErrorMessage, Loading, Panel, Select, TextField } from "../ui";

interface Of {
  size: string;
  build: Schemas["Build"];
  strip: number | null;
  free: number | null;
  inLug: boolean;
  inHook?: boolean;
}

/** An end that was spoiled, without a job: whether it may stay, what is left of it, what it costs. */
export function SpoiledEnd() {
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const [of, setOf] = useRemembered<Of>("rework.end", {
    size: "12 AWG",
    build: "stranded",
    strip: 10,
    free: null,
    inLug: false,
  });
  const set = (change: Partial<Of>) => setOf({ ...of, ...change });
  const [seen, setSeen] = useState(nothingSeen);
  const found = toFound(seen);
  const assessed = useQuery({
    queryKey: ["rework", of, found, rules.strandLoss, lead],
    queryFn: () =>
      cordApi.rework({
        conductor: { size: of.size, build: of.build, material: "copper" },
        faults: found?.faults ?? [],
        strands: found?.strands ?? null,
        damaged: found?.damaged ?? 0,
        class: rules.strandLoss ?? "general",
        inLug: of.inLug,
        inHook: of.inHook ?? false,
        stripMm: of.strip,
        freeMm: of.free,
        lead,
      }),
    placeholderData: keepPreviousData,
  });
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0,1fr) minmax(0,1fr)" }}>
      <Panel gridColumn={{ lg: "1 / -1" }} py={1} data-spoiled>
        {assessed.data ? (
          <SceneView scene={assessed.data.drawing} metal="copper" height="clamp(170px, 28vh, 260px)" />
        ) : (
          <Loading what="Drawing the end…" lines={1} height="180px" />
        )}
      </Panel>
      <Panel as="section" aria-label="The end">
        <FaultPicker seen={seen} onSeen={setSeen} />
        <Grid templateColumns="repeat(auto-fit, minmax(140px, 1fr))" gap={2} mt={2} alignItems="end">
          <Box>
            <TextField
              id="spoiled-size"
              label="Size"
              value={of.size}
              maxLength={20}
              autoComplete="off"
              onChange={(event) => set({ size: event.target.value })}
            />
          </Box>
          <Select
            label="Build"
            value={of.build}
            onChange={(build) => set({ build })}
            options={[
              ["solid", "solid"],
              ["stranded", "stranded"],
              ["fine-stranded", "fine-stranded"],
            ]}
          />
          <NumberField label="It strips, mm" value={of.strip} onChange={(strip) => set({ strip })} />
          <NumberField label="Free, mm" value={of.free} onChange={(free) => set({ free })} />
          <Checkbox checked={of.inLug} onChange={(inLug) => set({ inLug })}>
            In a lug
          </Checkbox>
          <Checkbox checked={of.inHook ?? false} onChange={(inHook) => set({ inHook })}>
            Bent to a hook
          </Checkbox>
        </Grid>
      </Panel>
      <Panel as="section" aria-label="What becomes of it">
        <ErrorMessage of={assessed.error} />
        {found && assessed.data && !assessed.error ? (
          <Assessed assessed={assessed.data} metal="copper" />
        ) : (
          <Box color="ink.soft">Tick what you see, or count the strands that are lost.</Box>
        )}
      </Panel>
    </Grid>
  );
}
