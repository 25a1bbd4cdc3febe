import { Checkbox as Base } from "@chakra-ui/react";
import { Check } from "lucide-react";
import type { ReactNode } from "react";
import { overBox } from "./overBox";

/** A box to tick, with its words beside it, large enough for a thumb. */
export function Checkbox({
  checked,
  onChange,
  disabled,
  label,
  children,
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
  /** Where the words stand elsewhere. */
  label?: string;
  children?: ReactNode;
}) {
  return (
    <Base.Root
      checked={checked}
      disabled={disabled ?? false}
      onCheckedChange={(to) => onChange(to.checked === true)}
    >
      <Base.HiddenInput aria-label={label} style={overBox} />
      <Base.Control>
        <Base.Indicator>
          <Check aria-hidden strokeWidth={3.5} />
        </Base.Indicator>
      </Base.Control>
      {children && <Base.Label>{children}</Base.Label>}
    </Base.Root>
  );
}
