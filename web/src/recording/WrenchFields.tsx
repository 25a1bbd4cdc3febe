import { Box, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../client";
import { sayBoth, thin, useUnits } from "../shared/Units";
import { NumberField } from "../shared/NumberField";
import { Disclosure } from "../ui";

/** An adapter that moves a wrench's axis: what the wrench is set to, so that the screw gets what it asks. */
export function WrenchFields({ targetNm }: { targetNm: number }) {
  const { lead } = useUnits();
  const [lever, setLever] = useState<number | null>(null);
  const [adapter, setAdapter] = useState<number | null>(null);
  const [angle, setAngle] = useState<number | null>(0);
  const body =
    lever !== null && adapter !== null
      ? { targetNm, leverMm: lever, adapterMm: adapter, angleDegrees: angle ?? 0 }
      : null;
  const answer = useQuery({
    queryKey: ["wrench", body],
    queryFn: () => (body ? api.wrench(body) : null),
    enabled: body !== null,
  });
  return (
    <Disclosure label="With an adapter on the wrench">
      <Grid templateColumns="repeat(3, 1fr)" gap={2} alignItems="end">
        <NumberField label="Lever, mm" value={lever} onChange={setLever} placeholder="square to grip" />
        <NumberField label="Adapter, mm" value={adapter} onChange={setAdapter} placeholder="square to axis" />
        <NumberField label="Angle, °" value={angle} onChange={setAngle} placeholder="0 outward" />
      </Grid>
      <Box role="status" mt={1}>
        {answer.error && <Box color="stop">{answer.error.message}</Box>}
        {answer.data && (
          <>
            <strong>Set it to {thin(sayBoth(answer.data.setTo, lead))}.</strong> {thin(answer.data.says)}{" "}
            Record what the screw gets.
          </>
        )}
      </Box>
    </Disclosure>
  );
}
