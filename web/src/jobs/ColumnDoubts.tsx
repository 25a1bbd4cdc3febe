import { Box } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { thin } from "../shared/Units";
import { Button, Panel, PanelTitle } from "../ui";
import { meanings } from "./ImportColumns";

type Meaning = Schemas["ColumnMeaning"];

/** Columns that could hold one thing or another: each way as wires that somebody recognises, and one tap decides. */
export function ColumnDoubts({
  doubts,
  onChoose,
}: {
  doubts: Schemas["ColumnDoubt"][];
  onChoose: (column: number, meaning: Meaning) => void;
}) {
  if (doubts.length === 0) return null;
  return (
    <Panel as="section" aria-label="Columns in doubt">
      <PanelTitle>Which way are these read?</PanelTitle>
      {doubts.map((doubt) => (
        <Box key={doubt.index} py={2} data-doubt={doubt.index}>
          <Box mb={2}>
            {doubt.heading ? `“${doubt.heading}”` : `Column ${doubt.index + 1}, which has no heading,`} could
            be:
          </Box>
          <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 1fr" }} gap={2}>
            {doubt.readings.map((reading, i) => (
              <Button
                key={reading.meaning}
                variant="card"
                aria-pressed={i === 0}
                h="auto"
                p={3}
                alignItems="flex-start"
                textAlign="left"
                whiteSpace="normal"
                onClick={() => onChoose(doubt.index, reading.meaning)}
              >
                <Box fontWeight={700}>{meanings[reading.meaning]}</Box>
                {reading.says.map((wire, j) => (
                  <Box key={j} textStyle="dense" fontWeight={400}>
                    {thin(wire)}
                  </Box>
                ))}
              </Button>
            ))}
          </Box>
        </Box>
      ))}
    </Panel>
  );
}
