import type { Conductor } from "../client";
import { thin } from "../shared/Units";
import { NumberField } from "../shared/NumberField";

/** The insulation's outside diameter: empty takes the typical one for the size, which stands in the field. */
export function InsulationField({
  wire,
  typical,
  onChange,
}: {
  wire: Conductor;
  typical: string;
  onChange: (wire: Conductor) => void;
}) {
  return (
    <NumberField
      label="Insulation OD, mm"
      value={wire.insulationOuterDiameterMm ?? null}
      placeholder={typical ? thin(`typical ${typical}`) : ""}
      onChange={(insulationOuterDiameterMm) => onChange({ ...wire, insulationOuterDiameterMm })}
    />
  );
}
