import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { FaultPicker } from "../rework/FaultPicker";
import { count, seenAs, type Seen } from "../rework/seen";
import { CheckField } from "../shared/CheckField";
import { readDecimal } from "../shared/decimal";
import { Field, FieldLabel } from "../shared/Panel";
import { Select } from "../shared/Select";

type Found = Schemas["FoundDocument"];

const nothing: Found = { insulationCaught: false, loose: false, scorched: false, strandsLost: 0 };

/** What has no field of its own above. */
const others: Schemas["Fault"][] = [
  "nick",
  "ring",
  "opened-hook",
  "over-twist",
  "too-short",
  "too-long",
  "strand-out",
  "double-stacked",
  "bad-solder",
];

const Opened = chakra("summary", { base: { minH: "44px", py: 2, cursor: "pointer", fontWeight: 600 } });

/** How an end was found made, before anybody touched it; nothing where it is work to be done. */
export function FoundFields({
  found,
  onChange,
}: {
  found: Found | null;
  /** Told how it changes, since what was there may have changed meanwhile. */
  onChange: (change: (found: Found | null) => Found | null) => void;
}) {
  const [bare, setBare] = useState<string | null>(null);
  const keep = (change: Partial<Found>) =>
    onChange((before) => {
      const next: Found = { ...(before ?? nothing), ...change };
      const any =
        next.bareShowingMm ??
        next.hook ??
        (next.insulationCaught || next.loose || next.scorched || next.faults?.length || next.strandsLost);
      return any ? next : null;
    });
  const [seen, setSeen] = useState(() =>
    seenAs(
      found && {
        faults: found.faults ?? null,
        strands: found.strands ?? null,
        damaged: found.strandsLost ?? 0,
      },
    ),
  );
  const see = (next: Seen) => {
    setSeen(next);
    if (next.faults !== seen.faults) keep({ faults: next.faults.length > 0 ? next.faults : null });
  };
  // What is counted is kept when it is typed whole.
  const keepCounts = () => {
    const counted = { strands: count(seen.strands), strandsLost: count(seen.damaged) ?? 0 };
    if (counted.strands !== (found?.strands ?? null) || counted.strandsLost !== (found?.strandsLost ?? 0))
      keep(counted);
  };
  const keepBare = () => {
    if (bare === null) return;
    const mm = readDecimal(bare);
    if (mm !== undefined) keep({ bareShowingMm: mm || null });
  };
  return (
    <details open={found !== null}>
      <Opened>How it was found made</Opened>
      <Grid templateColumns={{ base: "1fr", md: "1fr 1fr" }} gap={2} alignItems="end">
        <Box>
          <FieldLabel htmlFor="found-bare">Bare metal that shows, mm</FieldLabel>
          <Field
            id="found-bare"
            inputMode="decimal"
            autoComplete="off"
            maxLength={6}
            aria-invalid={bare !== null && readDecimal(bare) === undefined}
            value={bare ?? String(found?.bareShowingMm ?? "")}
            onChange={(event) => setBare(event.target.value)}
            onBlur={keepBare}
            onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
          />
        </Box>
        <Select
          label="Its hook"
          value={found?.hook ?? ""}
          onChange={(hook) => keep({ hook: hook || null })}
          options={[
            ["", "not said"],
            ["clockwise", "clockwise, with the screw"],
            ["counter-clockwise", "against the screw"],
            ["straight", "straight, no hook"],
          ]}
        />
      </Grid>
      <Flex gap={3} flexWrap="wrap" mt={1}>
        <CheckField
          checked={found?.insulationCaught ?? false}
          onChange={(insulationCaught) => keep({ insulationCaught })}
        >
          Insulation caught
        </CheckField>
        <CheckField checked={found?.loose ?? false} onChange={(loose) => keep({ loose })}>
          Loose
        </CheckField>
        <CheckField checked={found?.scorched ?? false} onChange={(scorched) => keep({ scorched })}>
          Scorched
        </CheckField>
      </Flex>
      <Box onBlur={keepCounts}>
        <FaultPicker name="found" asked={others} seen={seen} onSeen={see} />
      </Box>
    </details>
  );
}
