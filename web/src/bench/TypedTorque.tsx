import { chakra, Flex, Grid } from "@chakra-ui/react";
import { Field, FieldLabel } from "../shared/Panel";
import { NumberField } from "./NumberField";

export interface TypedTorqueValue {
  value: number | null;
  unit: string;
  tool: string;
}

const Unit = chakra("select", {
  base: {
    minH: "44px",
    px: 2,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper",
    color: "ink",
  },
});

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
      <Flex direction="column">
        <FieldLabel htmlFor="typed-unit">Unit</FieldLabel>
        <Unit
          id="typed-unit"
          value={typed.unit}
          onChange={(event) => onChange({ ...typed, unit: event.target.value })}
        >
          <option>N·m</option>
          <option>lbf·in</option>
          <option>lbf·ft</option>
        </Unit>
      </Flex>
      <Flex direction="column" gridColumn={{ base: "1 / -1", sm: "auto" }}>
        <FieldLabel htmlFor="typed-tool">Tool</FieldLabel>
        <Field
          id="typed-tool"
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
