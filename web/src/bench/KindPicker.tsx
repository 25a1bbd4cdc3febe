import { chakra, Grid } from "@chakra-ui/react";
import { useEffect, useId, useRef } from "react";
import type { Schemas } from "../client";
import { Sketch } from "../drawing/Sketch";

const Cell = chakra("label", {
  base: {
    display: "grid",
    gridTemplateRows: "52px auto",
    justifyItems: "center",
    alignItems: "center",
    gap: 1,
    py: 1,
    px: 0,
    minW: 0,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "transparent",
    fontSize: "14px",
    lineHeight: 1.15,
    textAlign: "center",
    overflow: "hidden",
    hyphens: "auto",
    cursor: "pointer",
    _hover: { bg: "paper.sunk" },
    "&:has(:checked)": { bg: "copper.wash", borderColor: "copper", fontWeight: 700 },
    "&:has(:focus-visible)": { outline: "3px solid {colors.focus}", outlineOffset: "-3px" },
  },
});

const room = { width: 70, height: 50 };

/** Every kind of landing as a small drawing: native radio buttons, so arrow keys work as everywhere. */
export function KindPicker({
  kinds,
  kind,
  onChoose,
}: {
  kinds: Schemas["LandingKind"][];
  kind: string;
  onChoose: (kind: Schemas["LandingKind"]) => void;
}) {
  const name = useId();
  const chosen = useRef<HTMLLabelElement>(null);
  useEffect(() => {
    chosen.current?.scrollIntoView({ block: "nearest" });
  }, [kinds.length]);
  return (
    <Grid
      role="radiogroup"
      aria-label="Kind of landing"
      templateColumns={{
        base: "repeat(3, minmax(0,1fr))",
        sm: "repeat(4, minmax(0,1fr))",
        lg: "repeat(3, minmax(0,1fr))",
      }}
      gap={1}
      maxH={{ base: "none", lg: "300px" }}
      overflowY="auto"
      position="relative"
    >
      {kinds.map((each) => {
        const sample = each.samples[Math.min(1, each.samples.length - 1)];
        const box = sample?.drawing.box;
        return (
          <Cell key={each.kind} ref={each.kind === kind ? chosen : undefined}>
            {sample && box && (
              <Sketch
                scene={sample.drawing}
                scale={Math.min(room.width / (box.right - box.left), room.height / (box.bottom - box.top))}
              />
            )}
            <span>{each.name}</span>
            <chakra.input
              type="radio"
              name={name}
              aria-label={each.name}
              checked={each.kind === kind}
              onChange={() => onChoose(each)}
              position="absolute"
              opacity={0}
              w="1px"
              h="1px"
            />
          </Cell>
        );
      })}
    </Grid>
  );
}
