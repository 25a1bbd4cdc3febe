import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo } from "react";
import { Button, Disclosure } from "../ui";
import { api, named, type Landing, type Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { thin } from "../shared/Units";
import { KindPicker } from "./KindPicker";
import { LandingFields } from "./LandingFields";
import { MarkedFor } from "./MarkedFor";
import { MarkingFields } from "./MarkingFields";
import { PutOnShelf } from "./PutOnShelf";

const room = { width: 68, height: 54 };
const marks = [
  "torqueMarking",
  "metals",
  "takesTwo",
  "temperatureC",
  "coAlr",
  "accessible",
  "visible",
  "trust",
  "id",
];

/** Whether a sample of the picker is the landing on the bench, whatever is marked on it. */
function isSame(sample: Landing, landing: Landing): boolean {
  const own = (of: Landing) =>
    Object.entries(of).filter(([member, value]) => !marks.includes(member) && value !== null);
  return JSON.stringify(own(sample).sort()) === JSON.stringify(own(landing).sort());
}

export const LandingPicker = memo(function LandingPicker({
  landing,
  onChange,
}: {
  landing: Landing;
  onChange: (landing: Landing) => void;
}) {
  const kinds = useQuery({ queryKey: ["landings"], queryFn: api.landingKinds, staleTime: Infinity });
  const current = kinds.data?.find((kind) => kind.kind === landing.kind);
  // What is marked on a device of the one kind says nothing about a device of another.
  const pick = (sample: Landing) =>
    onChange(
      sample.kind === landing.kind ? { ...sample, torqueMarking: landing.torqueMarking ?? null } : sample,
    );
  const chooseKind = (kind: Schemas["LandingKind"]) => {
    // The middle of each row is what most people have in hand.
    const usual = kind.samples[Math.min(1, kind.samples.length - 1)];
    if (usual) pick(named(usual.landing));
  };
  // What somebody types here was read off the device.
  const read = (typed: Landing) => onChange({ ...typed, trust: null, id: null });
  return (
    <Flex direction="column" gap={2}>
      <KindPicker kinds={kinds.data ?? []} kind={landing.kind} onChoose={chooseKind} />
      {current && current.samples.length > 1 && (
        <Flex role="group" aria-label="Landings" gap={1} overflowX="auto" pb={1}>
          {current.samples.map((sample) => {
            const { box } = sample.drawing;
            const scale = Math.min(
              room.width / (box.right - box.left),
              room.height / (box.bottom - box.top),
              6,
            );
            return (
              <Button
                key={sample.name}
                variant="card"
                flex="none"
                w="80px"
                p={1}
                gap={1}
                textStyle="note"
                lineHeight={1.15}
                aria-pressed={isSame(named(sample.landing), landing)}
                onClick={() => pick(named(sample.landing))}
              >
                <Box h={`${room.height}px`} display="grid" placeItems="center">
                  <Sketch scene={sample.drawing} scale={scale} />
                </Box>
                <span>{thin(sample.name)}</span>
              </Button>
            );
          })}
        </Flex>
      )}
      {current?.isTightened && <MarkingFields key={landing.kind} landing={landing} onChange={read} />}
      <Disclosure label="Read off the device">
        <Flex direction="column" gap={2}>
          <LandingFields landing={landing} onChange={read} />
          <MarkedFor landing={landing} onChange={read} />
        </Flex>
      </Disclosure>
      <PutOnShelf landing={landing} />
    </Flex>
  );
});
