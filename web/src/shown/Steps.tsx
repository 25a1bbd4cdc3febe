import { Box, chakra, Flex } from "@chakra-ui/react";
import { Hand } from "lucide-react";
import type { Recipe } from "../client";
import { thin } from "../shared/Units";
import { BeltFields } from "./BeltFields";
import { Disclosure, Panel, PanelTitle } from "../ui";

/** What the hands do, in a word. */
export const operations = {
  strip: "Strip",
  prepare: "Prepare",
  crimp: "Crimp",
  land: "Land",
  tighten: "Tighten",
  check: "Check",
} as const;

/** What to do, in order; a hold point must be true before the next step. */
export function Steps({ recipe }: { recipe: Pick<Recipe, "steps"> }) {
  return (
    <Panel as="section" aria-label="Steps">
      <PanelTitle>Steps</PanelTitle>
      <StepList steps={recipe.steps} />
    </Panel>
  );
}

/** Steps, each with what must be true before the next. */
export function StepList({ steps, other }: Pick<Recipe, "steps"> & { other?: boolean }) {
  return (
    <chakra.ol listStyleType="none" m={0} p={0}>
      {steps.map((step, i) => (
        <chakra.li
          key={step.id}
          {...(other ? { "data-other-step": step.id } : { "data-step": step.id })}
          display="grid"
          gridTemplateColumns="28px 1fr"
          py={2}
          borderTopWidth={i ? "1px" : 0}
          borderColor="line"
        >
          <chakra.span fontFamily="numerals" color="copper">
            {i + 1}
          </chakra.span>
          <Box minW={0}>
            <strong>{operations[step.operation]}.</strong> {thin(step.text)}
            {step.holdPoint && (
              <Flex gap={2} mt={1} color="ink.soft" textStyle="dense">
                <Hand aria-label="Hold until" size={18} style={{ flex: "none", marginTop: 2 }} />
                <span>{thin(step.holdPoint)}</span>
              </Flex>
            )}
          </Box>
        </chakra.li>
      ))}
    </chakra.ol>
  );
}

/** Cautions, tools, other lawful ways, and how it is undone again. */
export function Besides({ recipe }: { recipe: Recipe }) {
  return (
    <>
      {recipe.cautions.length > 0 && (
        <Panel as="section" aria-label="Cautions" bg="caution.wash">
          <PanelTitle color="caution">Cautions</PanelTitle>
          {recipe.cautions.map((caution) => (
            <Box key={caution} mt={1}>
              {thin(caution)}
            </Box>
          ))}
        </Panel>
      )}
      {recipe.tools.length > 0 && (
        <Panel as="section" aria-label="Tools">
          <PanelTitle>Tools</PanelTitle>
          {recipe.tools.map((tool) => (
            <Box key={tool} mt={1} _firstLetter={{ textTransform: "uppercase" }}>
              {thin(tool)}
            </Box>
          ))}
          {recipe.ferrule?.belted && <BeltFields />}
        </Panel>
      )}
      {recipe.alternatives.length > 0 && (
        <Panel as="section" aria-label="Other ways">
          <PanelTitle>Other ways</PanelTitle>
          {recipe.alternatives.map((way) => (
            <Box key={way.text} mt={1}>
              {thin(way.text)}
              {way.steps.length > 0 && (
                <Disclosure label="Its steps">
                  <StepList steps={way.steps} other />
                </Disclosure>
              )}
            </Box>
          ))}
        </Panel>
      )}
      {recipe.undo && (
        <Panel as="section" aria-label="Undoing it">
          <PanelTitle>Undoing it</PanelTitle>
          <Box mt={1}>{thin(recipe.undo)}</Box>
        </Panel>
      )}
    </>
  );
}
