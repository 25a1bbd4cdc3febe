import { Box } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";
import { RadioCards } from "../ui";

const room = { width: 66, height: 50 };

/** Every kind of landing as a small drawing, all of them in sight. */
export function KindPicker({
  kinds,
  kind,
  onChoose,
}: {
  kinds: Schemas["LandingKind"][];
  kind: string;
  onChoose: (kind: Schemas["LandingKind"]) => void;
}) {
  return (
    <RadioCards
      label="Kind of landing"
      value={kind}
      onChange={(chosen) => {
        const found = kinds.find((each) => each.kind === chosen);
        if (found) onChoose(found);
      }}
      columns={{
        base: "repeat(3, minmax(0,1fr))",
        sm: "repeat(4, minmax(0,1fr))",
        lg: "repeat(3, minmax(0,1fr))",
      }}
      options={kinds.map((each) => ({ value: each.kind, content: <Kind kind={each} /> }))}
    />
  );
}

function Kind({ kind }: { kind: Schemas["LandingKind"] }) {
  const sample = kind.samples[Math.min(1, kind.samples.length - 1)];
  const box = sample?.drawing.box;
  return (
    <>
      <Box h={`${room.height}px`} display="grid" placeItems="center" aria-hidden>
        {sample && box && (
          <Sketch
            scene={sample.drawing}
            scale={Math.min(room.width / (box.right - box.left), room.height / (box.bottom - box.top))}
          />
        )}
      </Box>
      <Box maxW="full" overflowWrap="anywhere" hyphens="auto">
        {kind.name}
      </Box>
    </>
  );
}
