import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Panel, PanelTitle, Select } from "../ui";

type Meaning = Schemas["ColumnMeaning"];

/** What a column may hold, as it is said. */
export const meanings: Record<Meaning, string> = {
  note: "nothing that is read",
  wire: "wire’s number",
  from: "from",
  "from-enclosure": "from: enclosure",
  "from-landing": "from: what it lands on",
  to: "to",
  "to-enclosure": "to: enclosure",
  "to-landing": "to: what it lands on",
  size: "size",
  awg: "size in AWG",
  mm2: "size in mm²",
  build: "solid, stranded, fine",
  colour: "colour",
  function: "function",
  circuit: "circuit",
  breaker: "breaker",
  volts: "voltage",
  load: "load",
  length: "length",
  "length-ft": "length in ft",
  "length-m": "length in m",
  "length-mm": "length in mm",
  run: "raceway, cable or cord",
  ferrule: "ferrule",
};

const options = Object.entries(meanings) as [Meaning, string][];

/** The columns as they were recognised; each can be said to hold something else. */
export function ImportColumns({
  preview,
  onChange,
}: {
  preview: Schemas["ListPreview"];
  onChange: (settings: Partial<Schemas["ImportSettings"]>) => void;
}) {
  const { columns, samples, sheets, headingRow } = preview;
  const unsure = columns.filter((column) => !column.sure && column.meaning !== "note").length;
  const choose = (index: number, meaning: Meaning) =>
    onChange({
      headingRow,
      // A meaning is given once: whoever had it before holds nothing now.
      columns: columns.map((column) =>
        column.index === index
          ? meaning
          : column.meaning === meaning && meaning !== "note"
            ? "note"
            : column.meaning,
      ),
    });
  return (
    <Panel as="section" aria-label="Columns">
      <PanelTitle>
        Columns{unsure > 0 && `: ${unsure} only look like what they are taken for; look at those`}
      </PanelTitle>
      {sheets.length > 1 && (
        <Box maxW="300px" my={2}>
          <Select
            label="Sheet"
            value={preview.sheet}
            options={sheets.map((sheet): [string, string] => [sheet, sheet])}
            onChange={(sheet) => onChange({ sheet, columns: null, headingRow: null })}
          />
        </Box>
      )}
      <Box textStyle="dense" color="ink.soft">
        The headings stand in row {headingRow}.
      </Box>
      <Flex gap={2} overflowX="auto" py={2} tabIndex={0} role="region" aria-label="Columns of the list">
        {columns.map((column) => (
          <Box
            key={column.index}
            flex="none"
            w="170px"
            p={2}
            rounded="md"
            borderWidth={column.sure ? "1px" : "2px"}
            borderColor={column.sure ? "line" : "caution"}
            data-column={column.heading}
            data-sure={column.sure}
          >
            <Box fontWeight={700} overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
              {column.heading || "no heading"}
              {!column.sure && (
                <chakra.span color="caution" fontWeight={400}>
                  {" "}
                  ?
                </chakra.span>
              )}
            </Box>
            <Select
              hideLabel
              label={`What ${column.heading || `column ${column.index + 1}`} holds`}
              value={column.meaning}
              options={options}
              onChange={(meaning) => choose(column.index, meaning)}
            />
            <Box textStyle="note" color="ink.soft" mt={1} whiteSpace="nowrap" overflow="hidden">
              {(samples[column.index] ?? []).map((sample, i) => (
                <Box key={i}>{sample}</Box>
              ))}
            </Box>
          </Box>
        ))}
      </Flex>
    </Panel>
  );
}
