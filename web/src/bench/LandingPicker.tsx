import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, type Landing } from "../client";
import { Sketch } from "../drawing/Sketch";
import { Choice } from "../shared/Choice";
import { thin } from "../shared/Units";
import { BlockFields } from "./BlockFields";
import { MarkingFields } from "./MarkingFields";
import { MetalsField } from "./MetalsField";

const Cell = chakra("button", {
  base: {
    flex: "none",
    display: "grid",
    gridTemplateRows: "58px auto",
    justifyItems: "center",
    alignItems: "center",
    w: "78px",
    p: 1,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line",
    fontSize: "14px",
    lineHeight: 1.15,
    cursor: "pointer",
    overflow: "hidden",
    _hover: { bg: "paper.sunk" },
    "&[aria-pressed=true]": { bg: "copper.wash", borderColor: "copper", fontWeight: 700 },
  },
});

const room = { width: 68, height: 54 };

/** Whether a sample of the picker is the landing on the bench, whatever torque is marked on it. */
function isSame(sample: Landing, landing: Landing): boolean {
  if (sample.kind === "binding-screw" && landing.kind === "binding-screw") {
    return sample.screw === (landing.screw ?? "#8");
  }
  return (
    sample.kind === "screw-clamp-block" &&
    landing.kind === "screw-clamp-block" &&
    sample.leastMm2 === landing.leastMm2 &&
    sample.mostMm2 === landing.mostMm2
  );
}

export function LandingPicker({
  landing,
  onChange,
}: {
  landing: Landing;
  onChange: (landing: Landing) => void;
}) {
  const samples = useQuery({ queryKey: ["landings"], queryFn: api.landings, staleTime: Infinity });
  // What is marked on a device of the one kind says nothing about a device of the other.
  const pick = (sample: Landing) =>
    onChange(
      sample.kind === landing.kind ? { ...sample, torqueMarking: landing.torqueMarking ?? null } : sample,
    );
  const ofKind = (kind: Landing["kind"]) =>
    (samples.data ?? []).filter((sample) => sample.landing.kind === kind);
  const chooseKind = (kind: Landing["kind"]) => {
    // The middle of each row is what most people have in hand.
    const usual = ofKind(kind)[1];
    if (usual) pick(usual.landing);
  };
  return (
    <Flex direction="column" gap={2}>
      <Choice
        label="Kind of landing"
        value={landing.kind}
        onChange={chooseKind}
        options={[
          ["binding-screw", "Binding screw"],
          ["screw-clamp-block", "Screw-clamp block"],
        ]}
      />
      <Flex role="group" aria-label="Landings" gap={1} overflowX="auto" pb={1}>
        {ofKind(landing.kind).map((sample) => {
          const { box } = sample.drawing;
          const scale = Math.min(
            room.width / (box.right - box.left),
            room.height / (box.bottom - box.top),
            6,
          );
          return (
            <Cell
              key={sample.name}
              aria-pressed={isSame(sample.landing, landing)}
              onClick={() => pick(sample.landing)}
            >
              <Sketch scene={sample.drawing} scale={scale} />
              <span>{thin(sample.name.replace(/ binding screw$|^Block /, ""))}</span>
            </Cell>
          );
        })}
      </Flex>
      {landing.kind === "screw-clamp-block" && <BlockFields block={landing} onChange={onChange} />}
      <MarkingFields landing={landing} onChange={onChange} />
      <Box>
        <MetalsField landing={landing} onChange={onChange} />
      </Box>
    </Flex>
  );
}
