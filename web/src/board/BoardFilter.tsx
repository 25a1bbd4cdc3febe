import { Flex } from "@chakra-ui/react";
import { useSay } from "../shared/tradeWords";
import { memo, useMemo } from "react";
import { sayCheck } from "../shown/severity";
import { everything, isNarrowed, type BoardIndex, type Filter } from "../drawing/devices/boardModel";
import { Button, Select } from "../ui";

const sorted = (values: Iterable<string>) =>
  [...new Set(values)].filter(Boolean).sort((a, b) => a.localeCompare(b, undefined, { numeric: true }));
const same = (values: string[]): [string, string][] => values.map((value) => [value, value]);

/** Narrows the board: what is not among it fades. */
export const BoardFilter = memo(function BoardFilter({
  index,
  circuits,
  filter,
  onChange,
}: {
  index: BoardIndex;
  circuits: [string, string][];
  filter: Filter;
  onChange: (filter: Filter) => void;
}) {
  const say = useSay();
  const there = useMemo(() => {
    const stubs = index.slots.flatMap(({ slot }) => slot.stubs);
    const wires = [...index.wires.values()];
    return {
      circuits: new Set(wires.map((wire) => wire.circuitId)),
      sizes: sorted(wires.map((wire) => wire.size)),
      ferrules: sorted(stubs.map((stub) => stub.ferrule ?? "")),
      people: sorted(stubs.map((stub) => stub.by ?? "")),
      checks: sorted(index.slots.flatMap(({ slot, device }) => [...slot.checks, ...device.checks])),
    };
  }, [index]);
  const set = (change: Partial<Filter>) => onChange({ ...filter, ...change });
  return (
    <Flex
      gap={2}
      flexWrap="wrap"
      alignItems="flex-end"
      css={{ "& > div": { flex: "1 1 140px" } }}
      role="group"
      aria-label="Show only"
    >
      <Select
        label="Circuit"
        value={filter.circuit}
        onChange={(circuit) => set({ circuit })}
        options={[["", "all"], ...circuits.filter(([id]) => there.circuits.has(id))]}
      />
      <Select
        label="Size"
        value={filter.size}
        onChange={(size) => set({ size })}
        options={[["", "all"], ...same(there.sizes)]}
      />
      <Select
        label="Ferrule"
        value={filter.ferrule}
        onChange={(ferrule) => set({ ferrule })}
        options={[["", "all"], ["none", "none"], ...same(there.ferrules)]}
      />
      <Select
        label="State"
        value={filter.state}
        onChange={(state) => set({ state })}
        options={[
          ["", "all"],
          ...same(["planned", "ready", "landed", "checked", "signed", "parked", "rejected"]),
          ["older-plan", "landed to an older plan"],
        ]}
      />
      <Select
        label="Found"
        value={filter.finding}
        onChange={(finding) => set({ finding })}
        options={[
          ["", "all"],
          ["any", "anything"],
          ["stop", "a stop"],
          ["fix", "a fix"],
          ["note", "a note"],
          ...there.checks.map((check): [string, string] => [check, say(sayCheck(check))]),
        ]}
      />
      <Select
        label="Landed by"
        value={filter.person}
        onChange={(person) => set({ person })}
        options={[["", "all"], ...same(there.people)]}
      />
      {isNarrowed(filter) && (
        <Button variant="plain" onClick={() => onChange(everything)}>
          Show all again
        </Button>
      )}
    </Flex>
  );
});
