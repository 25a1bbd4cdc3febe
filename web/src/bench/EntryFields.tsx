import { Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { NumberField } from "../shared/NumberField";

type Entry = Schemas["EntryDocument"];

/** The cable or cord that the wire comes from. One of the two numbers alone is kept here until the other is there. */
export function EntryFields({
  entry,
  onChange,
}: {
  entry: Entry | null;
  onChange: (entry: Entry | null) => void;
}) {
  const [jacket, setJacket] = useState(entry?.jacketOuterDiameterMm ?? null);
  const [reach, setReach] = useState(entry?.reachMm ?? null);
  const settle = (nextJacket: number | null, nextReach: number | null) => {
    setJacket(nextJacket);
    setReach(nextReach);
    onChange(
      nextJacket !== null && nextReach !== null
        ? { jacketOuterDiameterMm: nextJacket, reachMm: nextReach }
        : null,
    );
  };
  return (
    <Grid templateColumns="1fr 1fr" gap={2} alignItems="end">
      <NumberField
        label="Jacket, mm"
        placeholder="no cable"
        value={jacket}
        onChange={(value) => settle(value, reach)}
      />
      <NumberField
        label="Clamp to landing, mm"
        placeholder="no cable"
        value={reach}
        onChange={(value) => settle(jacket, value)}
      />
    </Grid>
  );
}
