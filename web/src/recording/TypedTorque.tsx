import { Flex, Grid } from "@chakra-ui/react";
import { NumberField } from "../shared/NumberField";
import { TorqueUnit } from "../landing/TorqueUnit";
import { TextField } from "../ui";

export interface TypedTorqueValue {
  value: number | null;
  unit: string;
  tool: string;
}

/** A torque that a person reads off or set, and the tool it belongs to. */
export function TypedTorque({
  label,
  typed,
  onChange,
}: {
  label: string;
  typed: TypedTorqueValue;
  onChange: (typed: TypedTorqueValue) => void;
}) {
  return (
    <Grid templateColumns={{ base: "1fr auto", sm: "130px auto 1fr" }} gap={2} alignItems="start">
      <NumberField label={label} value={typed.value} onChange={(value) => onChange({ ...typed, value })} />
      <TorqueUnit id="typed-unit" unit={typed.unit} onChange={(unit) => onChange({ ...typed, unit })} />
      <Flex direction="column" gridColumn={{ base: "1 / -1", sm: "auto" }}>
        <TextField
          id="typed-tool"
          label="Tool"
          value={typed.tool}
          maxLength={100}
          placeholder="its number or name"
          autoComplete="off"
          onChange={(event) => onChange({ ...typed, tool: event.target.value })}
        />
      </Flex>
    </Grid>
  );
}
