import { Box, chakra, Grid } from "@chakra-ui/react";
import { NumberField } from "../bench/NumberField";
import { Field, FieldLabel } from "../shared/Panel";
import { Select } from "../shared/Select";
import type { PinMap } from "./map";

type Plate = NonNullable<PinMap["old"]>;

const Opened = chakra("summary", { base: { minH: "44px", py: 2, cursor: "pointer", fontWeight: 600 } });
const fields: ["volts" | "watts" | "horsepower" | "amps" | "frameMm" | "speeds", string][] = [
  ["volts", "V"],
  ["amps", "A"],
  ["watts", "W"],
  ["horsepower", "hp"],
  ["frameMm", "Mounting, mm"],
  ["speeds", "Speeds"],
];
const nothing: Plate = {
  volts: null,
  watts: null,
  frameMm: null,
  speeds: null,
  horsepower: null,
  amps: null,
  frame: null,
  rotation: null,
};

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
          <Grid templateColumns="repeat(auto-fill, minmax(92px, 1fr))" gap={1} alignItems="end">
            {fields.map(([name, label]) => (
              <NumberField
                key={name}
                label={label}
                value={map[which]?.[name] ?? null}
                onChange={(value) => onChange({ [which]: { ...(map[which] ?? nothing), [name]: value } })}
              />
            ))}
            <Box>
              <FieldLabel htmlFor={`${which}-frame`}>Frame</FieldLabel>
              <Field
                id={`${which}-frame`}
                value={map[which]?.frame ?? ""}
                maxLength={40}
                autoComplete="off"
                placeholder="56C"
                onChange={(event) =>
                  onChange({ [which]: { ...(map[which] ?? nothing), frame: event.target.value || null } })
                }
              />
            </Box>
            <Select
              label="Turns"
              value={map[which]?.rotation ?? ""}
              onChange={(rotation) =>
                onChange({ [which]: { ...(map[which] ?? nothing), rotation: rotation || null } })
              }
              options={[
                ["", "not said"],
                ["clockwise", "clockwise"],
                ["counter-clockwise", "counter-clockwise"],
                ["reversible", "either way"],
              ]}
            />
          </Grid>
        </Box>
      ))}
    </details>
  );
}
