import { Select } from "../ui";

const units = ["N·m", "lbf·in", "lbf·ft"].map((unit): [string, string] => [unit, unit]);

/** The unit that a torque is printed or read in. */
export const TorqueUnit = ({
  id,
  unit,
  onChange,
}: {
  id: string;
  unit: string;
  onChange: (unit: string) => void;
}) => <Select id={id} label="Unit" value={unit} options={units} onChange={onChange} />;
