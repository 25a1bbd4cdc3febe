import { Box, Grid } from "@chakra-ui/react";
import { NumberField } from "../../shared/NumberField";
import type { PinMap } from "./map";
import { Disclosure, FieldGroup, Select, TextField } from "../../ui";

type Plate = NonNullable<PinMap["old"]>;

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
    <Disclosure
      label="A machine is replaced: read both plates"
      defaultOpen={map.old !== null && map.old !== undefined}
    >
      {(["old", "new"] as const).map((which) => (
        <FieldGroup key={which} label={which === "old" ? "The old one" : "The new one"} mb={2}>
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
              <TextField
                id={`${which}-frame`}
                label="Frame"
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
        </FieldGroup>
      ))}
    </Disclosure>
  );
}
