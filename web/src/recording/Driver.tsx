import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, type Readout, type Schemas } from "../client";
import { inOrder, thin, useUnits } from "../shared/Units";
import { WindowBar } from "../shown/WindowBar";
import { Button } from "../ui";
import { useDevices } from "./Devices";
import { useHold } from "./useHold";

/** The live reading of a connected driver, in the window that it must end in. */
export function Driver({ torque }: { torque: Schemas["TorqueDocument"] }) {
  const { lead } = useUnits();
  const { tools, reading, peak } = useDevices();
  const tool = tools[0];
  const target = torque.target.value;
  const { held, press, failed } = useHold(tool?.simulated ? tool.id : undefined, target);
  const fitness = useQuery({
    queryKey: ["fitness", tool?.id, target, lead],
    queryFn: () => api.fitness(tool?.id ?? "", target, lead),
    enabled: tool !== undefined,
  });
  if (!tool) {
    return (
      <Box color="ink.soft">
        No driver is connected. Type its reading below, or start Lacet with --stand-ins to try one out.
      </Box>
    );
  }
  const shown = reading?.torque ?? peak?.torque ?? null;
  return (
    <Flex direction="column" gap={2}>
      <Flex gap={3} alignItems="center" flexWrap="wrap">
        {tool.simulated && (
          <Button
            variant="solid"
            size="lg"
            minW="170px"
            touchAction="none"
            userSelect="none"
            _pressed={{ boxShadow: "inset 0 0 0 4px {colors.ink}" }}
            aria-pressed={held}
            data-driver
            data-held={held}
            onPointerDown={(event) => {
              if (event.button === 0) press();
            }}
            onContextMenu={(event) => event.preventDefault()}
          >
            {held ? "Let go to stop" : "Hold to turn"}
          </Button>
        )}
        <Box flex={1} minW="190px">
          <Live shown={shown} torque={torque} live={reading !== null} />
        </Box>
      </Flex>
      <Box pt={1}>
        <WindowBar
          least={torque.least.value}
          target={target}
          most={torque.most.value}
          value={shown?.value ?? null}
          height="26px"
        />
      </Box>
      <Box textStyle="note" color="ink.soft">
        {tool.name} to {thin(inOrder(tool.scale, lead)[0])}, calibrated {tool.calibratedOn}.{" "}
        {tool.simulated && <SimulatedBadge />} {tool.simulated && "Space held does the same."}
      </Box>
      {fitness.data?.says && <Box color="caution">{thin(fitness.data.says)}</Box>}
      {failed && <Box color="stop">{failed.message}</Box>}
    </Flex>
  );
}

function Live({
  shown,
  torque,
  live,
}: {
  shown: Readout | null;
  torque: Schemas["TorqueDocument"];
  live: boolean;
}) {
  const { lead } = useUnits();
  if (!shown) return <Box color="ink.soft">Nothing read yet.</Box>;
  const [first, second] = inOrder(shown, lead);
  const { least, most } = torque;
  const [word, colour] =
    shown.value < least.value
      ? ["short", live ? "ink.soft" : "stop"]
      : shown.value > most.value
        ? ["over", "stop"]
        : ["passes", "go"];
  return (
    <Flex alignItems="baseline" gap={2} flexWrap="wrap" data-live={live} aria-live={live ? "off" : "polite"}>
      <chakra.span textStyle="figure.lg" letterSpacing="-0.03em" data-reading-value>
        {thin(first)}
      </chakra.span>
      <chakra.span color="ink.soft">{thin(second)}</chakra.span>
      <chakra.span color={colour} fontWeight={700}>
        {live ? word : `peak, ${word}`}
      </chakra.span>
    </Flex>
  );
}

export function SimulatedBadge() {
  return (
    <chakra.span
      borderWidth="1px"
      borderStyle="dashed"
      borderColor="caution"
      color="caution"
      rounded="sm"
      px={1}
      fontWeight={700}
      textStyle="note"
    >
      simulated
    </chakra.span>
  );
}
