import { Box, Flex, Grid } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { count, type Seen } from "./seen";
import { faults } from "./words";
import { Checkbox, TextField } from "../ui";

type Fault = Schemas["Fault"];

/** Faults ticked, and strands counted. */
export function FaultPicker({
  seen,
  onSeen,
  asked = Object.keys(faults) as Fault[],
  name: of = "rework",
}: {
  seen: Seen;
  onSeen: (seen: Seen) => void;
  /** Which can be ticked here. */
  asked?: Fault[];
  /** Apart from any other on the page. */
  name?: string;
}) {
  const line = (name: "damaged" | "strands", label: string) => (
    <Box>
      <TextField
        id={`${of}-${name}`}
        label={label}
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
        aria-label={of === "rework" ? "What is wrong" : "What else was wrong"}
      >
        {asked
          .filter((fault) => fault !== "strands-cut")
          .map((fault) => (
            <Checkbox
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
            </Checkbox>
          ))}
      </Grid>
      <Flex gap={2} maxW="330px">
        {line("damaged", "Strands lost")}
        {line("strands", "of, counted")}
      </Flex>
    </>
  );
}
