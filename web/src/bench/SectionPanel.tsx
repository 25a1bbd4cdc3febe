import { Box, Flex } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import type { Recipe } from "../client";
import { SceneView } from "../drawing/SceneView";
import { useKey } from "../shared/keys";
import { useRemembered } from "../shared/remembered";
import { inOrder, thin, useUnits } from "../shared/Units";
import { sectionOf } from "./benchQueries";
import { type Pair } from "../shared/pair";
import { asked } from "./benchState";
import { useHouseRules } from "../house/houseRules";
import { NumberField } from "../shared/NumberField";
import { Button, Panel, PanelTitle } from "../ui";
import { later } from "../shared/later";

const Calibrate = later(() => import("./Calibrate").then((module) => module.Calibrate));

interface Props {
  pair: Pair;
  recipe: Recipe;
  measured: number | null;
  onMeasured: (mm: number | null) => void;
}

/** The end in its landing, to scale, and beside it the strip that was measured, drawn in its place. */
export function SectionPanel({ pair, recipe, measured, onMeasured }: Props) {
  const { lead } = useUnits();
  const { rules } = useHouseRules();
  const body = { ...asked(pair, rules, lead), measuredStripMm: measured };
  const scene = useQuery({ ...sectionOf(body), placeholderData: keepPreviousData });
  const [pixels, setPixels] = useRemembered<number | null>("pixelsPerMm", null);
  const [actual, setActual] = useState(false);
  const [calibrating, setCalibrating] = useState(false);
  const switchActual = useCallback(() => {
    setCalibrating(!actual && pixels === null);
    setActual(!actual);
  }, [actual, pixels]);
  useKey("a", switchActual);
  const field = useRef<HTMLInputElement>(null);
  useKey(
    "m",
    useCallback(() => field.current?.focus(), []),
  );
  return (
    <Panel>
      <Flex justifyContent="space-between" alignItems="flex-start" gap={3} flexWrap="wrap">
        <Box>
          <PanelTitle>
            {actual && !calibrating ? "Section, actual size" : "Section, to scale"}
            {pair.colour && `, ${pair.colour.says}`}
          </PanelTitle>
          <Button variant="plain" px={0} aria-pressed={actual} onClick={switchActual}>
            {actual ? "Fit the room (A)" : "Actual size (A)"}
          </Button>
          {actual && !calibrating && (
            <Button variant="plain" onClick={() => setCalibrating(true)}>
              Calibrate
            </Button>
          )}
        </Box>
        {recipe.strip && (
          <Flex gap={3} alignItems="flex-end" direction="row-reverse" flex={1} minW="250px">
            <Box w="160px" flex="none">
              <NumberField
                label="Measured strip, mm (M)"
                value={measured}
                placeholder="not measured"
                onChange={onMeasured}
                inputRef={field}
              />
            </Box>
            <Box role="status" minH="44px" display="flex" alignItems="center" textAlign="right">
              {scene.error ? (
                <Box color="stop">{scene.error.message}</Box>
              ) : (
                <StripVerdict recipe={recipe} measured={measured} />
              )}
            </Box>
          </Flex>
        )}
      </Flex>
      {calibrating ? (
        <Calibrate
          pixels={pixels}
          onDone={(measuredPixels) => {
            setPixels(measuredPixels);
            setCalibrating(false);
          }}
          onCancel={() => {
            setCalibrating(false);
            setActual(actual && pixels !== null);
          }}
        />
      ) : (
        scene.data && (
          <SceneView
            scene={scene.data}
            metal={pair.conductor.material ?? "copper"}
            colours={{
              hue: pair.colour?.base,
              stripe: pair.colour?.stripe,
              collar: recipe.ferrule?.colour?.name,
            }}
            height="clamp(240px, 40vh, 420px)"
            {...(actual && pixels ? { actual: pixels } : {})}
          />
        )
      )}
    </Panel>
  );
}

/** Comparing a number with its window is the one rule that the browser holds. */
function StripVerdict({ recipe, measured }: { recipe: Recipe; measured: number | null }) {
  const { lead } = useUnits();
  if (measured === null || !recipe.strip) return null;
  const { least, most, target } = recipe.strip;
  const [to] = inOrder(target, lead);
  if (measured < least.value)
    return (
      <Box color="stop" fontWeight={700}>
        ✕ Short. Strip again to {thin(to)}.
      </Box>
    );
  if (measured > most.value)
    return (
      <Box color="stop" fontWeight={700}>
        ✕ Long. Cut back to {thin(to)}.
      </Box>
    );
  return (
    <Box color="go" fontWeight={700}>
      ✓ Passes.
    </Box>
  );
}
