import { Sourced } from "./Source";
import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { severities } from "./severity";
import { thin } from "../shared/Units";

/** Findings as lines: what is wrong, and what to do. */
export function FindingLines({ findings }: { findings: Schemas["JobFindingDocument"][] }) {
  // What is said of both ends of a wire is said once.
  const said = findings.filter(
    (finding, i) =>
      findings.findIndex((other) => other.says === finding.says && other.check === finding.check) === i,
  );
  return (
    <Box as="ul" listStyleType="none" mt={3} aria-label="Findings">
      {said.map((finding) => {
        const { icon: Icon, word, colour } = severities[finding.severity];
        return (
          <Flex as="li" key={finding.key} gap={2} py={1}>
            <Box color={colour} pt="2px" flex="none">
              <Icon aria-hidden size={20} />
            </Box>
            <Box>
              <chakra.strong color={colour}>{word}.</chakra.strong> <Sourced text={thin(finding.says)} />{" "}
              {thin(finding.do)}
              {finding.accepted && (
                <Box textStyle="note" color="ink.soft">
                  Accepted by {finding.accepted.person}: {finding.accepted.reason}
                </Box>
              )}
            </Box>
          </Flex>
        );
      })}
    </Box>
  );
}
