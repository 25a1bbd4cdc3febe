import { Box, chakra, Grid } from "@chakra-ui/react";
import { NumberField } from "../shared/NumberField";
import type { Schemas } from "../client";
import { cordVerdicts, placeWords, type Prices } from "./words";
import { Checkbox, Disclosure, ErrorMessage, Panel, Table } from "../ui";
import { Source, Sourced } from "../shown/Source";

const priceFields: [keyof Prices, string][] = [
  ["plug", "A plug"],
  ["cord", "A moulded cord"],
  ["refitMinutes", "Minutes to fit a plug"],
  ["replaceMinutes", "Minutes to change a cord"],
  ["anHour", "An hour of work"],
];

/** What becomes of the cord: one large word, why, and what both ways cost. */
export function TriageAnswer({
  triage,
  error,
  prices,
  onPrices,
  moulded,
  onMoulded,
}: {
  triage: Schemas["TriageDocument"] | undefined;
  error: Error | null;
  prices: Prices;
  onPrices: (prices: Prices) => void;
  moulded: boolean;
  onMoulded: (moulded: boolean) => void;
}) {
  const verdict = triage ? cordVerdicts[triage.verdict] : null;
  const way = (name: string, { parts, minutes, cost }: Schemas["CordWay"]) => (
    <Table.Row>
      <Table.Cell>{name}</Table.Cell>
      <Table.Cell>
        {parts.toFixed(2)} and {minutes} min
      </Table.Cell>
      <Table.Cell fontFamily="numerals" fontWeight={700} textAlign="end">
        {cost.toFixed(2)}
      </Table.Cell>
    </Table.Row>
  );
  return (
    <Panel as="section" aria-label="What becomes of it" data-cord-verdict={triage?.verdict}>
      <ErrorMessage of={error} />
      {triage && verdict && (
        <>
          <Box aria-live="polite" textStyle="figure.xl" lineHeight={1.1} color={verdict.colour}>
            {verdict.word}
          </Box>
          {triage.verdict === "look-first" && (
            <Box mt={2}>
              Unplug it, look from 1 to 6, and tick what you see, or that it is sound. Not yet looked at:{" "}
              {(triage.notLookedAt ?? []).map((place) => placeWords[place].toLowerCase()).join(", ")}.
            </Box>
          )}
          <Box as="ul" listStyleType="none" mt={2}>
            {triage.signs.map((sign) => (
              <Box as="li" key={sign.cue} py={2} borderTopWidth="1px" borderColor="line">
                <chakra.strong color={cordVerdicts[sign.verdict].colour}>{sign.looks}.</chakra.strong>{" "}
                <Sourced text={sign.says} /> {sign.do}
              </Box>
            ))}
          </Box>
          {triage.school && <Box mt={2}>{triage.school}</Box>}
          {(triage.lookNext ?? []).length > 0 && (
            <Box mt={2}>
              <chakra.h3 fontWeight={700}>Then look behind it</chakra.h3>
              <Box as="ol" ps={6} listStyleType="decimal">
                {(triage.lookNext ?? []).map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </Box>
            </Box>
          )}
          <Table.Root mt={2}>
            <Table.Body>
              {way("New plug", triage.refit)}
              {way("New cord", triage.replace)}
            </Table.Body>
          </Table.Root>
          <Checkbox checked={moulded} onChange={onMoulded}>
            A moulded cord for it can be had
          </Checkbox>
          <Disclosure label="Your prices">
            <Grid gap={2} templateColumns="1fr 1fr">
              {priceFields.map(([name, label]) => (
                <NumberField
                  key={name}
                  label={label}
                  value={prices[name]}
                  onChange={(value) => onPrices({ ...prices, [name]: value ?? 0 })}
                />
              ))}
            </Grid>
          </Disclosure>
          <Box mt={2} textStyle="note" color="ink.soft">
            <Source of={triage.source} /> The house rule “damaged cord” chooses the school.
          </Box>
        </>
      )}
    </Panel>
  );
}
