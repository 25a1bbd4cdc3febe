import { Box, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { CheckField } from "../shared/CheckField";
import { Action, Field, FieldLabel } from "../shared/Panel";

type Splice = Schemas["SpliceConnectorDocument"];

/** A connector as most sheets have it, until its own sheet is typed. */
export const usualSplice: Splice = {
  name: "lever connector",
  leastCount: 2,
  mostCount: 3,
  leastMm2: 0.2,
  mostMm2: 4,
  takesBothMetals: false,
};

const numbers = [
  ["leastCount", "Fewest conductors"],
  ["mostCount", "Most conductors"],
  ["leastMm2", "Smallest conductor, mm²"],
  ["mostMm2", "Largest conductor, mm²"],
] as const;

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
      <FieldLabel htmlFor="splice-name">Connector</FieldLabel>
      <Field
        id="splice-name"
        value={splice.name}
        maxLength={100}
        autoComplete="off"
        onChange={(event) => onChange({ ...splice, name: event.target.value })}
      />
      <Grid templateColumns={{ base: "1fr 1fr", md: "repeat(4, 1fr)" }} gap={2} mt={2}>
        {numbers.map(([name, label]) => (
          <Box key={name}>
            <FieldLabel htmlFor={`splice-${name}`}>{label}</FieldLabel>
            <Field
              id={`splice-${name}`}
              inputMode="decimal"
              autoComplete="off"
              maxLength={8}
              aria-invalid={Number.isNaN(Number((typed[name] ?? "0").replace(",", ".")))}
              value={typed[name] ?? String(splice[name])}
              onChange={(event) => {
                setTyped({ ...typed, [name]: event.target.value });
                const number = Number(event.target.value.replace(",", "."));
                if (event.target.value.trim() && Number.isFinite(number))
                  onChange({ ...splice, [name]: number });
              }}
            />
          </Box>
        ))}
      </Grid>
      <CheckField
        checked={splice.takesBothMetals ?? false}
        onChange={(takesBothMetals) => onChange({ ...splice, takesBothMetals })}
      >
        Listed for copper with aluminium
      </CheckField>
      <Action look="link" onClick={onNone}>
        It is no splice
      </Action>
    </Box>
  );
}
