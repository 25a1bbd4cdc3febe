import { Box, Flex, Grid } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useHouseRules } from "../house/houseRules";
import { NumberField } from "../shared/NumberField";
import { useRemembered } from "../shared/remembered";
import { inOrder, sayBoth, thin, useUnits } from "../shared/Units";
import { SceneView } from "../drawing/SceneView";
import { spliceApi } from "./spliceApi";
import { ErrorMessage, Panel } from "../ui";

const usual: { [name in "together" | "spliceStrip" | "landingStrip" | "reworks"]: number | null } = {
  together: 2,
  spliceStrip: null,
  landingStrip: 19,
  reworks: 2,
};

/** How long a pigtail is cut, and how many ends its connector has to take. */
export function PigtailPart() {
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const [draft, setDraft] = useRemembered("splice.pigtail", usual);
  const set = (change: Partial<typeof usual>) => setDraft({ ...draft, ...change });
  const request = {
    together: draft.together ?? 0,
    spliceStripMm: draft.spliceStrip,
    landingStripMm: draft.landingStrip,
    reworks: draft.reworks ?? 0,
    houseRules: rules,
  };
  const planned = useQuery({
    queryKey: ["splice", "pigtail", request],
    queryFn: () => spliceApi.pigtail(request),
    placeholderData: keepPreviousData,
  });
  const say = (quantity: Parameters<typeof inOrder>[0]) => thin(sayBoth(quantity, lead));
  const plan = planned.error ? undefined : planned.data;
  return (
    <Grid gap={3} templateColumns={{ base: "minmax(0,1fr)", lg: "360px minmax(0,1fr)" }}>
      <Panel as="section" aria-label="The pigtail">
        <Grid templateColumns="1fr 1fr" gap={2} alignItems="end">
          <NumberField
            label="Spliced to how many ends"
            value={draft.together}
            onChange={(together) => set({ together })}
          />
          <NumberField
            label="To be made anew, times"
            value={draft.reworks}
            onChange={(reworks) => set({ reworks })}
          />
          <NumberField
            label="Strips at the device, mm"
            value={draft.landingStrip}
            onChange={(landingStrip) => set({ landingStrip })}
          />
          <NumberField
            label="Strips in the splice, mm"
            value={draft.spliceStrip}
            placeholder="by the house rule"
            onChange={(spliceStrip) => set({ spliceStrip })}
          />
        </Grid>
        <ErrorMessage of={planned.error} />
      </Panel>
      {plan && (
        <Panel as="section" aria-label="What is cut" data-pigtail-plan>
          <SceneView scene={plan.drawing} metal="copper" height="clamp(200px, 34vh, 320px)" />
          <Flex gap={6} flexWrap="wrap">
            <Box>
              <Box textStyle="note" color="ink.soft">
                CUT
              </Box>
              <Box textStyle="figure.xl" lineHeight={1.1} aria-live="polite">
                {thin(inOrder(plan.length, lead)[0] ?? "")}
              </Box>
              <Box>{thin(inOrder(plan.length, lead)[1] ?? "")}</Box>
            </Box>
            <Box>
              <Box textStyle="note" color="ink.soft">
                ENDS IN THE CONNECTOR
              </Box>
              <Box textStyle="figure.xl" lineHeight={1.1}>
                {plan.endsInTheSplice}
              </Box>
            </Box>
          </Flex>
          <Box mt={2}>
            {say(plan.free)} free by NEC 300.14, {say(plan.spliceStrip)} bare in the splice
            {plan.landingStrip ? `, ${say(plan.landingStrip)} bare at the device` : ""}, and {say(plan.spare)}{" "}
            for making it anew {plan.reworks} {plan.reworks === 1 ? "time" : "times"}. It begins and ends in
            the box, so it takes none of the box’s room.
          </Box>
        </Panel>
      )}
    </Grid>
  );
}
