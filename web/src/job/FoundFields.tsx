import { Box, Flex, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { FaultPicker } from "../rework/FaultPicker";
import { count, seenAs, type Seen } from "../rework/seen";
import { readDecimal } from "../shared/decimal";
import { Checkbox, Disclosure, Select, TextField } from "../ui";

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
    <Disclosure label="How it was found made" defaultOpen={found !== null}>
      <Grid templateColumns={{ base: "1fr", md: "1fr 1fr" }} gap={2} alignItems="end">
        <Box>
          <TextField
            id="found-bare"
            label="Bare metal that shows, mm"
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
        <Checkbox
          checked={found?.insulationCaught ?? false}
          onChange={(insulationCaught) => keep({ insulationCaught })}
        >
          Insulation caught
        </Checkbox>
        <Checkbox checked={found?.loose ?? false} onChange={(loose) => keep({ loose })}>
          Loose
        </Checkbox>
        <Checkbox checked={found?.scorched ?? false} onChange={(scorched) => keep({ scorched })}>
          Scorched
        </Checkbox>
      </Flex>
      <Box onBlur={keepCounts}>
        <FaultPicker name="found" asked={others} seen={seen} onSeen={see} />
      </Box>
    </Disclosure>
  );
}
