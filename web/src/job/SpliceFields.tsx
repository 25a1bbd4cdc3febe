import { Box, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { readDecimal } from "../shared/decimal";
import { kindWords, type Kind } from "../shown/spliceWords";
import { Button, Checkbox, Select, TextField } from "../ui";

type Splice = Schemas["SpliceConnector"];

/** A connector as most sheets have it, until its own sheet is typed. */
export const usualSplice: Splice = {
  name: "lever connector",
  kind: "lever",
  leastCount: 2,
  mostCount: 3,
  leastMm2: 0.2,
  mostMm2: 4,
  takesBothMetals: false,
};

/** What holds all conductors together is known by their area together; a port of its own by each conductor’s. */
const numbersOf = (kind: Kind) => {
  const together = kind !== "lever" && kind !== "push-in";
  return [
    ["leastCount", "Fewest conductors"],
    ["mostCount", "Most conductors"],
    ["leastMm2", together ? "Least together, mm²" : "Smallest conductor, mm²"],
    ["mostMm2", together ? "Most together, mm²" : "Largest conductor, mm²"],
  ] as const;
};

/** The connector of a splice, as its sheet has it. */
export function SpliceFields({
  splice,
  onChange,
  onNone,
}: {
  splice: Splice;
  onChange: (splice: Splice) => void;
  onNone: () => void;
}) {
  // Kept as typed: "0." is on its way to 0.5.
  const [typed, setTyped] = useState<Record<string, string>>({});
  return (
    <Box as="fieldset">
      <Box as="legend" fontWeight={700}>
        A splice: what its connector takes
      </Box>
      <Select
        label="What holds it"
        value={splice.kind ?? "lever"}
        onChange={(kind) => onChange({ ...splice, kind })}
        options={Object.entries(kindWords) as [Kind, string][]}
      />
      <TextField
        id="splice-name"
        label="Connector"
        value={splice.name}
        maxLength={100}
        autoComplete="off"
        onChange={(event) => onChange({ ...splice, name: event.target.value })}
      />
      <Grid templateColumns={{ base: "1fr 1fr", md: "repeat(4, 1fr)" }} gap={2} mt={2}>
        {numbersOf(splice.kind ?? "lever").map(([name, label]) => (
          <Box key={name}>
            <TextField
              id={`splice-${name}`}
              label={label}
              inputMode="decimal"
              autoComplete="off"
              maxLength={8}
              aria-invalid={readDecimal(typed[name] ?? "0") === undefined}
              value={typed[name] ?? String(splice[name])}
              onChange={(event) => {
                setTyped({ ...typed, [name]: event.target.value });
                const number = readDecimal(event.target.value);
                if (number != null) onChange({ ...splice, [name]: number });
              }}
            />
          </Box>
        ))}
      </Grid>
      <Checkbox
        checked={splice.takesBothMetals ?? false}
        onChange={(takesBothMetals) => onChange({ ...splice, takesBothMetals })}
      >
        Listed for copper with aluminium
      </Checkbox>
      <Checkbox
        checked={splice.listedWet ?? false}
        onChange={(listedWet) => onChange({ ...splice, listedWet })}
      >
        Listed for wet places
      </Checkbox>
      <Button variant="plain" onClick={onNone}>
        Not a splice
      </Button>
    </Box>
  );
}
