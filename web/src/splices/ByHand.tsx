import { Box, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useHouseRules } from "../house/houseRules";
import { NumberField } from "../shared/NumberField";
import type { Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { SceneView } from "../drawing/SceneView";
import { useRemembered } from "../shared/remembered";
import { inOrder, sayBoth, thin, useUnits } from "../shared/Units";
import { spliceApi } from "./spliceApi";
import { Sourced } from "../shown/Source";
import { formWords, type Form } from "../shown/spliceWords";
import { Button, ErrorMessage, Panel, PanelTitle, TextField } from "../ui";

interface Draft {
  form: Form;
  size: string;
  open: number | null;
  tight: number | null;
}

const usual: Draft = { form: "in-line", size: "14 AWG", open: 4, tight: 4 };

/** The hand splices of the trade: what to bare, how often it goes round, how it is taped. */
export function ByHand() {
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const [draft, setDraft] = useRemembered("splice.hand", usual);
  const set = (change: Partial<Draft>) => setDraft({ ...draft, ...change });
  // How each looks, for whoever knows it by sight and not by name.
  const forms = useQuery({
    queryKey: ["splice", "forms", lead],
    queryFn: () => spliceApi.forms(lead),
    staleTime: Infinity,
  });
  const form = forms.data?.find((one) => one.form === draft.form);
  const build = form?.build ?? "solid";
  const request = {
    form: draft.form,
    conductor: { size: draft.size, build, material: "copper" as const, insulationOuterDiameterMm: null },
    turns: { open: draft.open ?? 0, tight: draft.tight ?? 0 },
    houseRules: rules,
    lead,
  };
  const splice = useQuery({
    queryKey: ["splice", "hand", request],
    queryFn: () => spliceApi.hand(request),
    enabled: form !== undefined,
    placeholderData: keepPreviousData,
  });
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "360px minmax(0,1fr)" }}>
      <Flex direction="column" gap={3} minW={0}>
        <Box
          role="group"
          aria-label="Which splice"
          display="grid"
          gap={2}
          gridTemplateColumns="repeat(auto-fill, minmax(140px, 1fr))"
        >
          {(forms.data ?? []).map(({ form: one, scene }) => (
            <Button
              key={one}
              variant="card"
              minH="92px"
              p={2}
              gap={0}
              justifyContent="space-between"
              aria-pressed={one === draft.form}
              data-form={one}
              onClick={() => set({ form: one })}
            >
              <Box h="46px" display="grid" placeItems="center" overflow="hidden">
                <Sketch
                  scene={scene}
                  scale={Math.min(
                    124 / (scene.box.right - scene.box.left),
                    46 / (scene.box.bottom - scene.box.top),
                  )}
                />
              </Box>
              <Box textStyle="dense">{formWords[one]}</Box>
            </Button>
          ))}
        </Box>
        <Panel as="section" aria-label="The wire">
          <Grid templateColumns="1fr 1fr 1fr" gap={2}>
            <Box>
              <TextField
                id="hand-size"
                label={<>Size, {build}</>}
                value={draft.size}
                maxLength={20}
                autoComplete="off"
                onChange={(event) => set({ size: event.target.value })}
              />
            </Box>
            {form?.hasOpenTurns && (
              <NumberField label="Open turns" value={draft.open} onChange={(open) => set({ open })} />
            )}
            <NumberField
              label={form?.hasOpenTurns ? "Tight turns" : "Turns"}
              value={draft.tight}
              onChange={(tight) => set({ tight })}
            />
          </Grid>
          <ErrorMessage of={forms.error ?? splice.error} />
        </Panel>
      </Flex>
      {splice.data && !splice.error && <Wound splice={splice.data} />}
    </Grid>
  );
}

function Wound({ splice }: { splice: Schemas["HandSpliceDocument"] }) {
  const { lead } = useUnits();
  const say = (quantity: Schemas["Readout"]) => thin(sayBoth(quantity, lead));
  return (
    <Flex direction="column" gap={3} minW={0}>
      <Panel as="section" aria-label="The splice" data-hand>
        <Box fontWeight={700}>{thin(splice.says)}</Box>
        <SceneView scene={splice.scene} metal="copper" height="230px" />
        <Flex gap={2} flexWrap="wrap" mt={2}>
          {alike(splice.wires).map((wire) => (
            <Box key={wire.name} flex="1 1 170px" p={2} bg="paper.sunk" rounded="md" data-bare={wire.name}>
              <Box textStyle="note" color="ink.soft">
                BARE OF {wire.name.toUpperCase()}
              </Box>
              <Box textStyle="figure.lg" lineHeight={1.15}>
                {thin(inOrder(wire.bare, lead)[0] ?? "")}
              </Box>
              <Box>
                {thin(inOrder(wire.bare, lead)[1] ?? "")}
                {wire.inTheMiddle && ", a window in it"}
              </Box>
            </Box>
          ))}
        </Flex>
        <Box mt={2} p={2} bg="caution.wash" rounded="md" fontWeight={600} data-not-finished>
          <Sourced text={thin(splice.notFinished)} />
        </Box>
      </Panel>
      <Panel as="section" aria-label="How">
        <PanelTitle>How</PanelTitle>
        <Box as="ol" ps={6} listStyleType="decimal">
          {splice.steps.map((step) => (
            <Box as="li" key={step} py={1}>
              {thin(step)}
            </Box>
          ))}
        </Box>
        <PanelTitle mt={3}>For</PanelTitle>
        {splice.limits.map((limit) => (
          <Box key={limit}>{thin(limit)}</Box>
        ))}
        <PanelTitle mt={3}>Tape, once it is soldered</PanelTitle>
        <Box as="ol" ps={6} listStyleType="decimal">
          {splice.tape.map((layer, i) => (
            <Box as="li" key={i} py={1} data-tape>
              <strong>{say(layer.tapeLength)}</strong> of {layer.tape},{" "}
              {thin(inOrder(layer.width, lead)[0] ?? "")} wide, half-lapped over {say(layer.covers)}.
            </Box>
          ))}
        </Box>
        <Box mt={2} color="caution">
          Work dead. Hot iron, flux fumes, lead: air the room, wash your hands.
        </Box>
      </Panel>
    </Flex>
  );
}

/** Wires that are bared alike are said once. */
function alike(wires: Schemas["BaredWireDocument"][]) {
  const [first] = wires;
  return first && wires.every(({ bare, inTheMiddle }) => bare.value === first.bare.value && !inTheMiddle)
    ? [{ ...first, name: "each wire" }]
    : wires;
}
