import { Flex, Progress as Base } from "@chakra-ui/react";
import { Button } from "./Button";

/** How far long work is, in words and as a bar, and the way out of it. */
export function Progress({
  label,
  value,
  max,
  onCancel,
}: {
  label: string;
  /** Null while nobody knows. */
  value: number | null;
  max: number;
  onCancel?: () => void;
}) {
  return (
    <Flex alignItems="center" gap={3}>
      <Base.Root value={value} max={Math.max(max, 1)}>
        <Base.Label aria-live="polite">{label}</Base.Label>
        <Base.Track>
          <Base.Range />
        </Base.Track>
      </Base.Root>
      {onCancel && <Button onClick={onCancel}>Cancel</Button>}
    </Flex>
  );
}
