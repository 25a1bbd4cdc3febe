import { Box } from "@chakra-ui/react";
import type { Part } from "./jobApi";
import { fieldWord } from "./partFields";
import { useChanges } from "./useChanges";
import { Alert, Button, Dialog, Table } from "../ui";

/** What was refused, and why, where it stands until the next change; what was done is said by a toast, with its undo. */
export function Refused() {
  const { error, conflict } = useChanges();
  return (
    <>
      {error && <Alert status="error">{error}</Alert>}
      {conflict && <ConflictDialog />}
    </>
  );
}

/** What the two differ in, in words: what is there now beside what I would have made of it. */
function differences(now: Part, wanted: Part | null) {
  const mine = (wanted ?? {}) as Record<string, unknown>;
  const say = (value: unknown) =>
    value === null || value === undefined || value === ""
      ? "—"
      : typeof value === "object"
        ? JSON.stringify(value).replace(/[{}"]/g, "").replace(/,/g, ", ")
        : String(value);
  return Object.entries(now)
    .filter(([name]) => !/id$|^part$|^order$/i.test(name))
    .map(([name, value]) => ({ name: fieldWord(name), theirs: say(value), mine: say(mine[name]) }))
    .filter(({ theirs, mine: ours }) => (wanted ? theirs !== ours : theirs !== "—"));
}

function ConflictDialog() {
  const { conflict, settle, send } = useChanges();
  if (!conflict) return null;
  const { mine, version } = conflict;
  return (
    <Dialog
      title="Somebody else changed it too"
      open
      size="md"
      onClose={settle}
      footer={
        <>
          {mine && version !== null && (
            <Button onClick={() => void send(() => mine(version))}>Use my version</Button>
          )}
          <Button variant="solid" onClick={settle}>
            Keep their version
          </Button>
        </>
      }
    >
      <Box>{conflict.says}</Box>
      {conflict.wantedSays && <Box mt={2}>{conflict.wantedSays}</Box>}
      {conflict.now && (
        <Table.Root mt={3}>
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>What</Table.ColumnHeader>
              <Table.ColumnHeader>It is now</Table.ColumnHeader>
              {conflict.wanted && <Table.ColumnHeader>Mine</Table.ColumnHeader>}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {differences(conflict.now, conflict.wanted).map((line) => (
              <Table.Row key={line.name}>
                <Table.Cell>{line.name}</Table.Cell>
                <Table.Cell fontFamily="numerals">{line.theirs}</Table.Cell>
                {conflict.wanted && <Table.Cell fontFamily="numerals">{line.mine}</Table.Cell>}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
    </Dialog>
  );
}
