import { Box } from "@chakra-ui/react";
import { differences } from "./differences";
import { useChanges } from "./useChanges";
import { Button, Dialog, ErrorMessage, Table } from "../ui";

/** What was refused, and why, where it stands until the next change; what was done is said by a toast, with its undo. */
export function Refused() {
  const { error, conflict } = useChanges();
  return (
    <>
      <ErrorMessage of={error} />
      {conflict && <ConflictDialog />}
    </>
  );
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
                <Table.Cell fontFamily="numerals">{line.one}</Table.Cell>
                {conflict.wanted && <Table.Cell fontFamily="numerals">{line.other}</Table.Cell>}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
    </Dialog>
  );
}
