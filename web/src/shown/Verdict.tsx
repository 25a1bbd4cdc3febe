import { Box, Flex } from "@chakra-ui/react";
import { CircleCheck, Eye, OctagonX, TriangleAlert } from "lucide-react";
import type { Recipe, Schemas } from "../client";
import { thin } from "../shared/Units";
import { verdictWords } from "./words";

const shapes = {
  go: { icon: CircleCheck, wash: "go.wash" },
  read: { icon: Eye, wash: "go.wash" },
  caution: { icon: TriangleAlert, wash: "caution.wash" },
  stop: { icon: OctagonX, wash: "stop.wash" },
} as const;

/** The verdict alone, by shape, word and colour. */
export function VerdictWord({ verdict }: { verdict: Schemas["Verdict"] }) {
  const { icon: Icon } = shapes[verdict];
  const { word, colour } = verdictWords[verdict];
  return (
    <Flex color={colour} gap={2} fontWeight={700} textStyle="lead" alignItems="center" flex="none">
      <Icon aria-hidden size={24} />
      {word}
    </Flex>
  );
}

/** The verdict by shape, word and colour, with what was found. */
export function VerdictLine({ recipe }: { recipe: Pick<Recipe, "verdict" | "findings" | "readOff"> }) {
  const { wash } = shapes[recipe.verdict];
  return (
    <Flex role="status" gap={3} px={3} py={2} rounded="lg" bg={wash} alignItems="flex-start" flexWrap="wrap">
      <VerdictWord verdict={recipe.verdict} />
      <Box minW="200px" flex={1} pt="1px">
        {recipe.findings.length === 0 &&
          recipe.verdict === "go" &&
          "The wire fits and every reading has a sound source."}
        {recipe.verdict === "read" && (
          <Box>
            {(recipe.readOff ?? [])
              .map(({ what, where }) => `Typical value: read ${what} ${where}.`)
              .join(" ")}
          </Box>
        )}
        {recipe.findings.map((finding) => (
          <Box key={finding.check} data-finding={finding.check} _notFirst={{ mt: 2 }}>
            <strong>{thin(finding.says)}</strong> {thin(finding.do)}
          </Box>
        ))}
      </Box>
    </Flex>
  );
}
