import { Box, Flex, Grid } from "@chakra-ui/react";
import type { BoardIndex } from "../drawing/devices/boardModel";
import { Checkbox, Hint, Select } from "../ui";
import { bridgeable, type JobBridge } from "./bridges";
import { PartForm } from "./PartForm";
import { bridgeFields } from "./partFields";

/** A bridge as it lies in the hand: from its first terminal to its last, and which of its prongs are broken off. */
export function BridgeForm({
  part,
  version,
  index,
  onClose,
}: {
  part: JobBridge;
  version: number | null;
  index: BoardIndex;
  onClose: () => void;
}) {
  return (
    <PartForm
      title={version === null ? "New bridge" : "Bridge"}
      part={part}
      version={version}
      fields={bridgeFields}
      onClose={onClose}
    >
      {({ landings }, change) => (
        <Terminals index={index} landings={landings} onChange={(next) => change({ landings: next })} />
      )}
    </PartForm>
  );
}

function Terminals({
  index,
  landings,
  onChange,
}: {
  index: BoardIndex;
  landings: string[];
  onChange: (landings: string[]) => void;
}) {
  const slots = bridgeable(index, landings[0] ?? "");
  const places = slots.flatMap(({ id }, i) => (landings.includes(id) ? i : []));
  const [first, last] = [Math.min(...places), Math.max(...places)];
  const options = slots.map(({ id, name }): [string, string] => [id, name]);
  const at = (id: string) => slots.findIndex((slot) => slot.id === id);
  /** All between two terminals; what was broken off within them stays so. */
  const reach = (from: number, to: number) => {
    const [low, high] = from <= to ? [from, to] : [to, from];
    const off = slots.slice(first, last + 1).filter(({ id }) => !landings.includes(id));
    onChange(
      slots
        .slice(low, high + 1)
        .filter((slot, i, all) => i === 0 || i === all.length - 1 || !off.includes(slot))
        .map(({ id }) => id),
    );
  };
  const between = slots.slice(first + 1, last);
  return (
    <Box mt={3}>
      <Flex gap={3} flexWrap="wrap">
        <Box flex="1 1 160px">
          <Select
            label="First terminal"
            value={slots[first]?.id ?? ""}
            options={options}
            onChange={(id) => reach(at(id), last)}
          />
        </Box>
        <Box flex="1 1 160px">
          <Select
            label="Last terminal"
            value={slots[last]?.id ?? ""}
            options={options}
            onChange={(id) => reach(first, at(id))}
          />
        </Box>
      </Flex>
      {between.length > 0 && (
        <Box role="group" aria-label="Terminals between that it joins" mt={2}>
          <Hint>Take the mark away where a prong is broken off.</Hint>
          <Grid templateColumns="repeat(auto-fill, minmax(104px, 1fr))" maxH="220px" overflowY="auto">
            {between.map(({ id, name }) => (
              <Checkbox
                key={id}
                checked={landings.includes(id)}
                onChange={(joins) =>
                  onChange(
                    slots
                      .filter((slot) => (slot.id === id ? joins : landings.includes(slot.id)))
                      .map((slot) => slot.id),
                  )
                }
              >
                {name}
              </Checkbox>
            ))}
          </Grid>
        </Box>
      )}
    </Box>
  );
}
