import { Box, Flex, Grid } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { CheckField } from "../shared/CheckField";
import { Field, FieldLabel } from "../shared/Panel";
import { count, type Seen } from "./seen";
import { faults } from "./words";

type Fault = Schemas["Fault"];

/** Faults ticked, and strands counted. */
export function FaultPicker({ seen, onSeen }: { seen: Seen; onSeen: (seen: Seen) => void }) {
  const line = (name: "damaged" | "strands", label: string) => (
    <Box>
      <FieldLabel htmlFor={`rework-${name}`}>{label}</FieldLabel>
      <Field
        id={`rework-${name}`}
        inputMode="numeric"
        autoComplete="off"
        maxLength={4}
        aria-invalid={seen[name].trim() !== "" && count(seen[name]) === null}
        value={seen[name]}
        onChange={(event) => onSeen({ ...seen, [name]: event.target.value })}
      />
    </Box>
  );
  return (
    <>
      <Grid
        templateColumns="repeat(auto-fill, minmax(165px, 1fr))"
        columnGap={2}
        role="group"
        aria-label="What is wrong"
      >
        {(Object.keys(faults) as Fault[])
          .filter((fault) => fault !== "strands-cut")
          .map((fault) => (
            <CheckField
              key={fault}
              checked={seen.faults.includes(fault)}
              onChange={(on) =>
                onSeen({
                  ...seen,
                  faults: on ? [...seen.faults, fault] : seen.faults.filter((one) => one !== fault),
                })
              }
            >
              {faults[fault]}
            </CheckField>
          ))}
      </Grid>
      <Flex gap={2} maxW="330px">
        {line("damaged", "Strands lost")}
        {line("strands", "of, counted")}
      </Flex>
    </>
  );
}
