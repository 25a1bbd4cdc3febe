import { Box, Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { useMutation } from "@tanstack/react-query";
import { SimulatedBadge } from "../recording/Driver";
import { useDevices } from "../recording/Devices";
import type { Schemas } from "../client";
import { useRemembered } from "../shared/remembered";
import { cordApi } from "./cordApi";
import { MeterDrawing } from "./MeterDrawing";
import { roleWords } from "./words";
import { Button, ErrorMessage, Panel, PanelTitle, Segments } from "../ui";

interface Measured {
  /** By blade: the bare end that beeped. */
  ends: (number | null)[];
  simulated: boolean;
}

const nothing: Measured = { ends: [], simulated: false };

/** What the eye cannot tell, the meter does: from each blade to the bare end that beeps. */
export function MeterPanel({ conductors, steps }: { conductors: number; steps: Schemas["MeterStep"][] }) {
  const say = useSay();
  const { tools } = useDevices();
  const [measured, setMeasured] = useRemembered<Measured>("cord.measured", nothing);
  // The steps that tell a conductor; what each tells is the core’s.
  const blades = steps.map(({ role }) => role).filter((role) => role !== "unknown");
  const ends = blades.map((_, i) => {
    const end = measured.ends[i] ?? null;
    return end !== null && end < conductors ? end : null;
  });
  const standIn = useMutation({
    mutationFn: async () => {
      const cord = crypto.randomUUID();
      const found = await Promise.all(
        blades.map(async (_, blade) => {
          const read = await Promise.all(
            blades.map((__, end) => cordApi.meter({ cord, conductors, blade, end })),
          );
          return read.findIndex(({ ohms }) => ohms !== null);
        }),
      );
      setMeasured({ ends: found, simulated: true });
    },
  });
  const whole = ends.every((end) => end !== null);
  const twice = whole && new Set(ends).size < ends.length;
  return (
    <Panel as="section" aria-label="Meter it" data-meter>
      <PanelTitle>Meter it, end to end</PanelTitle>
      <Box>Unplugged at both ends, the meter on continuity; touch its probes together first: under 1 Ω.</Box>
      <MeterDrawing conductors={conductors} />
      <Box as="ol" ps={6} listStyleType="decimal">
        {steps.map((step) => (
          <Box as="li" key={step.from + step.to} py={1}>
            From <strong>{step.from}</strong> to {step.to}. {step.expect}
          </Box>
        ))}
      </Box>
      {blades.map((role, blade) => (
        <Flex key={role} gap={3} mt={2} alignItems="center" flexWrap="wrap">
          <Box w="210px">{steps[blade]?.from ?? role}: beeps at</Box>
          <Box flex="1 1 240px" maxW="420px">
            <Segments
              label={`Beeps from ${steps[blade]?.from ?? role}`}
              value={String(ends[blade] ?? "")}
              onChange={(end) =>
                setMeasured({
                  ends: blades.map((_, i) => (i === blade ? Number(end) : (ends[i] ?? null))),
                  simulated: false,
                })
              }
              options={blades.map((_, end): [string, string] => [String(end), `Conductor ${end + 1}`])}
            />
          </Box>
        </Flex>
      ))}
      {tools.some((tool) => tool.simulated) && (
        <Button mt={2} disabled={standIn.isPending} onClick={() => standIn.mutate()}>
          Let the stand-in meter measure
        </Button>
      )}
      <ErrorMessage
        of={standIn.error ?? (twice && "Two blades beep at one conductor: scrap the cord, or measure again.")}
      />
      {whole && !twice && (
        <Box mt={2} textStyle="title" aria-live="polite" data-metered>
          {ends
            .map((end, blade) => ({ end: end ?? 0, role: blades[blade] ?? ("unknown" as const) }))
            .sort((a, b) => a.end - b.end)
            .map(({ end, role }) => `${end + 1} ${say(roleWords[role].word).toLowerCase()}`)
            .join(", ")}{" "}
          {measured.simulated && <SimulatedBadge />}
        </Box>
      )}
    </Panel>
  );
}
