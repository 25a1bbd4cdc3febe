import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../client";
import type { ShelfKind } from "./ShelfPage";
import { Button, Dialog, ErrorMessage, FileDrop, Table, TextArea } from "../ui";

interface Props {
  open: boolean;
  kind: ShelfKind;
  onClose: () => void;
  onDone: (batch: string | null, says: string) => void;
}

const does = { add: "new", change: "changed", nothing: "there already", wrong: "wrong" } as const;

/** An import is read first and shown row by row; what is wrong is named by column; good rows alone only when told so. */
export function ImportDialog({ open, kind, onClose, onDone }: Props) {
  const [text, setText] = useState("");
  const isJson = text.trimStart().startsWith("{");
  const body = (onlyGood: boolean): Schemas["ShelfImport"] => ({
    text,
    kind: isJson ? null : kind,
    onlyGood,
  });
  const preview = useMutation({ mutationFn: () => api.previewImport(body(false)) });
  const take = useMutation({
    mutationFn: (onlyGood: boolean) => api.importShelf(body(onlyGood)),
    onSuccess: (done) => {
      onDone(
        done.batch,
        `Imported: ${done.added} new, ${done.changed} changed${done.leftOut ? `, ${done.leftOut} left out` : ""}.`,
      );
      close();
    },
  });
  const close = () => {
    setText("");
    preview.reset();
    take.reset();
    onClose();
  };
  const read = (next: string) => {
    setText(next);
    preview.reset();
  };
  const seen = preview.data;
  const good = seen ? seen.added + seen.changed : 0;
  return (
    <Dialog
      title="Import"
      open={open}
      size="lg"
      onClose={close}
      footer={
        <>
          <Button onClick={close}>Cancel</Button>
          {!seen ? (
            <Button
              variant="solid"
              disabled={!text.trim() || preview.isPending}
              onClick={() => preview.mutate()}
            >
              Read it
            </Button>
          ) : (
            <Button
              variant="solid"
              disabled={good === 0 || take.isPending}
              onClick={() => take.mutate(seen.bad > 0)}
            >
              {seen.bad > 0 ? `Import only the ${good} good rows` : `Import all ${good}`}
            </Button>
          )}
        </>
      }
    >
      <Flex direction="column" gap={3}>
        <Box color="ink.soft">
          A CSV of {kind === "ferrules" ? "ferrules" : `${kind}s`}, or a JSON of the whole Shelf: as Export
          writes them. Nothing is changed before you say so.
        </Box>
        <FileDrop
          label="Choose a file, or drop it here"
          accept=".csv,.json"
          onFile={(file) => void file.text().then(read)}
        />
        <Box>
          <TextArea
            id="import-text"
            label="Or paste it here"
            value={text}
            rows={5}
            onChange={(event) => read(event.target.value)}
          />
        </Box>
        <ErrorMessage of={preview.error ?? take.error} />
        {seen && <Seen preview={seen} />}
      </Flex>
    </Dialog>
  );
}

function Seen({ preview }: { preview: Schemas["ImportPreview"] }) {
  return (
    <Box>
      <strong>
        {preview.added} new, {preview.changed} changed, {preview.same} there already, {preview.bad} wrong.
      </strong>
      <Table.Root mt={2} aria-label="Rows">
        <Table.Body>
          {preview.rows.slice(0, 200).map((row) => (
            <Table.Row key={row.row}>
              <Table.Cell fontFamily="numerals">{row.row}</Table.Cell>
              <Table.Cell>{row.code}</Table.Cell>
              <Table.Cell color={row.does === "wrong" ? "stop" : undefined}>{does[row.does]}</Table.Cell>
              <Table.Cell>
                {row.problems.map((problem, i) => (
                  <Box key={i}>
                    {problem.column && <strong>{problem.column}: </strong>}
                    {problem.says}
                  </Box>
                ))}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      {preview.rows.length > 200 && <Box>And {preview.rows.length - 200} more rows.</Box>}
    </Box>
  );
}
