import { chakra, Flex } from "@chakra-ui/react";
import { FieldLabel } from "../shared/Panel";

const Select = chakra("select", {
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

/** The unit that a torque is printed or read in. */
export function TorqueUnit({
  id,
  unit,
  onChange,
}: {
  id: string;
  unit: string;
  onChange: (unit: string) => void;
}) {
  return (
    <Flex direction="column">
      <FieldLabel htmlFor={id}>Unit</FieldLabel>
      <Select id={id} value={unit} onChange={(event) => onChange(event.target.value)}>
        <option>N·m</option>
        <option>lbf·in</option>
        <option>lbf·ft</option>
      </Select>
    </Flex>
  );
}
