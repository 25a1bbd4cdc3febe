import { Box, chakra, Grid } from "@chakra-ui/react";
import { NumberField } from "../bench/NumberField";
import type { PinMap } from "./map";

type Plate = NonNullable<PinMap["old"]>;

const Opened = chakra("summary", { base: { minH: "44px", py: 2, cursor: "pointer", fontWeight: 600 } });
const fields: [keyof Plate, string][] = [
  ["volts", "V"],
  ["watts", "W"],
  ["frameMm", "Mounting, mm"],
  ["speeds", "Speeds"],
];
const nothing: Plate = { volts: null, watts: null, frameMm: null, speeds: null };

/** Both machines' plates, where one replaces the other. */
export function PlateFields({ map, onChange }: { map: PinMap; onChange: (change: Partial<PinMap>) => void }) {
  return (
    <details open={map.old !== null && map.old !== undefined}>
      <Opened>A machine is replaced: read both plates</Opened>
      {(["old", "new"] as const).map((which) => (
        <Box key={which} as="fieldset" mb={2}>
          <chakra.legend fontSize="14px" color="ink.soft">
            {which === "old" ? "The old one" : "The new one"}
          </chakra.legend>
          <Grid templateColumns="repeat(4, 1fr)" gap={1}>
            {fields.map(([name, label]) => (
              <NumberField
                key={name}
                label={label}
                value={map[which]?.[name] ?? null}
                onChange={(value) => onChange({ [which]: { ...(map[which] ?? nothing), [name]: value } })}
              />
            ))}
          </Grid>
        </Box>
      ))}
    </details>
  );
}
