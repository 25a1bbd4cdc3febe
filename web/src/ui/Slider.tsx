import { Slider as Base } from "@chakra-ui/react";

/** A value between two ends, by hand or by arrow keys. */
export function Slider({
  label,
  min,
  max,
  step,
  value,
  onChange,
}: {
  label: string;
  min: number;
  max: number;
  step: number;
  value: number;
  onChange: (value: number) => void;
}) {
  return (
    <Base.Root
      min={min}
      max={max}
      step={step}
      value={[value]}
      aria-label={[label]}
      onValueChange={(to) => onChange(to.value[0] ?? value)}
    >
      <Base.Label>{label}</Base.Label>
      <Base.Control>
        <Base.Track>
          <Base.Range />
        </Base.Track>
        <Base.Thumb index={0}>
          <Base.HiddenInput />
        </Base.Thumb>
      </Base.Control>
    </Base.Root>
  );
}
