import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Recipe } from "../client";
import { thin } from "../shared/Units";
import type { ReadingName } from "./Readings";
import { trustWords } from "./words";
import { Button, Panel, PanelTitle } from "../ui";
import { Source } from "./Source";

const titles: Record<ReadingName, string> = {
  strip: "Why strip this much",
  prepare: "Why prepare it so",
  tighten: "Why tighten so far",
  fit: "Does it fit",
};
const order: ReadingName[] = ["fit", "strip", "prepare", "tighten"];

/** The reasons of one reading, or of all: sentences with their sources and how far each can be trusted. */
export function Why({
  recipe,
  of,
  id = "why",
  onClose,
}: {
  recipe: Recipe;
  of: ReadingName | "all";
  id?: string;
  onClose: () => void;
}) {
  return (
    <Panel id={id} role="region" aria-label="Why">
      <Flex justifyContent="flex-end" mb="-36px">
        <Button variant="plain" onClick={onClose}>
          Close
        </Button>
      </Flex>
      {order
        .filter(
          (reading) => of === "all" || of === reading || (reading === "fit" && recipe.verdict === "stop"),
        )
        .map((reading) => {
          const reasons = recipe.reasons.filter((reason) => reason.reading === reading);
          return reasons.length === 0 ? null : (
            <Box key={reading} mb={3}>
              <PanelTitle>{titles[reading]}</PanelTitle>
              {reasons.map((reason, i) => (
                <Box key={i} mt={1} pr={4}>
                  {thin(reason.text)}{" "}
                  <chakra.span color="ink.soft" textStyle="note">
                    {trustWords[reason.trust]} · <Source of={thin(reason.source)} />
                  </chakra.span>
                </Box>
              ))}
            </Box>
          );
        })}
      {of !== "all" &&
        recipe.verdict !== "stop" &&
        recipe.reasons.every((reason) => reason.reading !== of) && (
          <Box pr="70px" minH="36px">
            There is nothing to give a reason for: the end stays as it is.
          </Box>
        )}
    </Panel>
  );
}
