import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Schemas } from "../client";
import { jobApi } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import type { BoardWire } from "../drawing/devices/boardModel";
import { Button, Panel, TextField } from "../ui";

const fields = [
  ["size", "Size"],
  ["colour", "Colour"],
  ["function", "Function"],
  ["circuit", "Circuit"],
] as const;

/** Several wires at once: what is typed is said of all of them, and what is left empty stays as it is. */
export function Picked({
  job,
  enclosure,
  wires,
  onNone,
}: {
  job: string;
  enclosure: string;
  wires: BoardWire[];
  onNone: () => void;
}) {
  const { send } = useChanges();
  const [typed, setTyped] = useState<Partial<Record<(typeof fields)[number][0], string>>>({});
  const said = Object.fromEntries(Object.entries(typed).filter(([, text]) => text.trim()));
  const set = async () => {
    const rows = wires.map((wire): Schemas["TypedWire"] => ({
      wireId: wire.id,
      version: wire.version,
      ...said,
    }));
    const done = await send((id) => jobApi.typeWires(job, { id, enclosure, rows }));
    if (done) setTyped({});
  };
  const deleteThem = async () => {
    const changes = wires.map((wire) => ({ remove: wire.id, version: wire.version }));
    const says = `Deleted ${wires.length} wires.`;
    const done = await send((id) => jobApi.change(job, { id, changes, says }));
    if (done) onNone();
  };
  return (
    <Panel as="section" aria-label="Several wires">
      <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
        <Box fontWeight={700} alignSelf="center">
          {wires.length} wires:{" "}
          {wires
            .slice(0, 6)
            .map((wire) => wire.name)
            .join(", ")}
          {wires.length > 6 && " …"}
        </Box>
        {fields.map(([name, label]) => (
          <Box key={name} w="120px">
            <TextField
              id={`picked-${name}`}
              label={label}
              value={typed[name] ?? ""}
              maxLength={100}
              autoComplete="off"
              onChange={(event) => setTyped({ ...typed, [name]: event.target.value })}
              onKeyDown={(event) => event.key === "Enter" && void set()}
            />
          </Box>
        ))}
        <Button variant="solid" disabled={Object.keys(said).length === 0} onClick={() => void set()}>
          Apply to all
        </Button>
        <Button onClick={() => void deleteThem()}>Delete</Button>
        <Button variant="plain" onClick={onNone}>
          Clear selection
        </Button>
      </Flex>
    </Panel>
  );
}
