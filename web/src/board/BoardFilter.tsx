import { chakra, Flex } from "@chakra-ui/react";
import { memo, useMemo, useState } from "react";
import { sayCheck } from "../jobs/severity";
import { Action } from "../shared/Panel";
import { Select } from "../shared/Select";
import { everything, isNarrowed, type BoardIndex, type Filter } from "./boardModel";

const Opened = chakra("summary", { base: { minH: "44px", py: 2, cursor: "pointer", fontWeight: 600 } });

const sorted = (values: Iterable<string>) =>
  [...new Set(values)].filter(Boolean).sort((a, b) => a.localeCompare(b, undefined, { numeric: true }));
const same = (values: string[]): [string, string][] => values.map((value) => [value, value]);

const nothing = {
  circuits: new Set<string | null>(),
  sizes: [] as string[],
  ferrules: [] as string[],
  people: [] as string[],
  checks: [] as string[],
};

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
  const [open, setOpen] = useState(false);
  const there = useMemo(() => {
    if (!open) return nothing;
    const stubs = index.slots.flatMap(({ slot }) => slot.stubs);
    const wires = [...index.wires.values()];
    return {
      circuits: new Set(wires.map((wire) => wire.circuitId)),
      sizes: sorted(wires.map((wire) => wire.size)),
      ferrules: sorted(stubs.map((stub) => stub.ferrule ?? "")),
      people: sorted(stubs.map((stub) => stub.by ?? "")),
      checks: sorted(index.slots.flatMap(({ slot, device }) => [...slot.checks, ...device.checks])),
    };
  }, [index, open]);
  const set = (change: Partial<Filter>) => onChange({ ...filter, ...change });
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <Opened>Show only…</Opened>
      {open && (
        <Flex gap={2} flexWrap="wrap" alignItems="flex-end" role="group" aria-label="Show only">
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
              ...there.checks.map((check): [string, string] => [check, sayCheck(check)]),
            ]}
          />
          <Select
            label="Landed by"
            value={filter.person}
            onChange={(person) => set({ person })}
            options={[["", "all"], ...same(there.people)]}
          />
          {isNarrowed(filter) && (
            <Action look="link" onClick={() => onChange(everything)}>
              Show all again
            </Action>
          )}
        </Flex>
      )}
    </details>
  );
});
