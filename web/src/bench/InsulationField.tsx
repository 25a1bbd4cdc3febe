import { Box } from "@chakra-ui/react";
import type { Conductor } from "../client";
import { thin } from "../shared/Units";
import { NumberField } from "../shared/NumberField";
import { Button } from "../ui";

/** The insulation's outside diameter: empty takes the typical one for the size, which stands in the field; or that of its letters. */
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
    <Box>
      <NumberField
        label="Insulation OD, mm"
        value={wire.insulationOuterDiameterMm ?? null}
        placeholder={
          wire.designation ? `as ${wire.designation} has` : typical ? thin(`typical ${typical}`) : ""
        }
        onChange={(insulationOuterDiameterMm) => onChange({ ...wire, insulationOuterDiameterMm })}
      />
      {wire.designation && (
        <Button variant="plain" px={0} onClick={() => onChange({ ...wire, designation: null })}>
          Remove {wire.designation}
        </Button>
      )}
    </Box>
  );
}
