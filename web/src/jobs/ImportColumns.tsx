import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Panel, PanelTitle, Select } from "../ui";
import { ImportEncoding } from "./ImportEncoding";

type Meaning = Schemas["ColumnMeaning"];

/** What a column may hold, as it is said. */
export const meanings: Record<Meaning, string> = {
  note: "nothing that is read",
  remark: "a remark, left out",
  wire: "wire’s number",
  from: "from: device and terminal",
  "from-device": "from: device",
  "from-terminal": "from: terminal",
  "from-enclosure": "from: enclosure",
  "from-landing": "from: what it lands on",
  to: "to: device and terminal",
  "to-device": "to: device",
  "to-terminal": "to: terminal",
  "to-enclosure": "to: enclosure",
  "to-landing": "to: what it lands on",
  size: "size",
  conductor: "size with colour or type",
  awg: "size in AWG",
  mm2: "size in mm²",
  build: "type: solid, fine, THHN",
  colour: "colour",
  function: "function",
  circuit: "circuit",
  breaker: "breaker",
  volts: "voltage",
  load: "load",
  length: "length",
  "length-ft": "length in ft",
  "length-m": "length in m",
  "length-cm": "length in cm",
  "length-mm": "length in mm",
  "length-in": "length in inches",
  run: "raceway",
  cable: "cable or cord",
  ferrule: "ferrule",
};

const options = Object.entries(meanings) as [Meaning, string][];

/** What is said of one column: a meaning is given once, so whoever had it holds nothing now; other doubts stay. */
export const withMeaning = (
  { columns, headingRow, layout, settings }: Schemas["ListPreview"],
  index: number,
  meaning: Meaning,
): Partial<Schemas["ImportSettings"]> => ({
  headingRow,
  columns: columns.map((column) =>
    column.index === index
      ? meaning
      : column.meaning === meaning && meaning !== "remark"
        ? "note"
        : column.meaning,
  ),
  said: layout ? null : [...(settings.said ?? []), index],
});

/** The columns as they were recognised; each can be said to hold something else. */
export function ImportColumns({
  preview,
  onChange,
}: {
  preview: Schemas["ListPreview"];
  onChange: (settings: Partial<Schemas["ImportSettings"]>) => void;
}) {
  const { columns, samples, sheets, headingRow } = preview;
  const choose = (index: number, meaning: Meaning) => onChange(withMeaning(preview, index, meaning));
  return (
    <Panel as="section" aria-label="Columns">
      <PanelTitle>Columns</PanelTitle>
      {preview.written && (preview.written.proof.length > 0 || !preview.written.sure) && (
        <ImportEncoding
          written={preview.written}
          onChange={(encoding) => onChange({ encoding, headingRow: null, columns: null, said: null })}
        />
      )}
      {sheets.length > 1 && (
        <Box maxW="300px" my={2}>
          <Select
            label="Sheet"
            value={preview.sheet}
            options={sheets.map((sheet): [string, string] => [sheet, sheet])}
            onChange={(sheet) => onChange({ sheet, columns: null, said: null, headingRow: null })}
          />
        </Box>
      )}
      <Box textStyle="dense" color="ink.soft">
        {headingRow > 0
          ? `The headings stand in row ${headingRow}.`
          : "The list has no headings: its columns are told by what is in them."}
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
            <Box
              textStyle="note"
              color="ink.soft"
              mt={1}
              whiteSpace="nowrap"
              overflow="hidden"
              title={column.candidates?.find(({ meaning }) => meaning === column.meaning)?.why}
            >
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
