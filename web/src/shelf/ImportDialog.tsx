import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import type { Person } from "../bench/recording";
import { api, type Schemas } from "../client";
import { DialogFrame } from "../shared/DialogFrame";
import { Action, FieldLabel, PasteBox } from "../shared/Panel";
import type { ShelfKind } from "./ShelfPage";

interface Props {
  open: boolean;
  kind: ShelfKind;
  person: Person | null;
  onClose: () => void;
  onDone: (batch: string | null, says: string) => void;
}

const does = { add: "new", change: "changed", nothing: "there already", wrong: "wrong" } as const;

/** An import is read first and shown row by row; what is wrong is named by column; good rows alone only when told so. */
export function ImportDialog({ open, kind, person, onClose, onDone }: Props) {
  const [text, setText] = useState("");
  const isJson = text.trimStart().startsWith("{");
  const body = (onlyGood: boolean): Schemas["ShelfImport"] => ({
    personId: person?.id ?? "00000000-0000-0000-0000-000000000000",
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
    <DialogFrame
      title="Import"
      open={open}
      width="720px"
      onClose={close}
      footer={
        <>
          <Action onClick={close}>Leave it</Action>
          {!seen ? (
            <Action look="main" disabled={!text.trim() || preview.isPending} onClick={() => preview.mutate()}>
              {preview.isPending ? "Reading…" : "Read it"}
            </Action>
          ) : (
            <Action
              look="main"
              disabled={!person || good === 0 || take.isPending}
              onClick={() => take.mutate(seen.bad > 0)}
            >
              {!person
                ? "Type your name first"
                : seen.bad > 0
                  ? `Take only the ${good} good rows`
                  : `Take all ${good}`}
            </Action>
          )}
        </>
      }
    >
      <Flex direction="column" gap={3}>
        <Box color="ink.soft">
          A CSV of {kind === "ferrules" ? "ferrules" : `${kind}s`}, or a JSON of the whole Shelf: as Export
          writes them. Nothing is changed before you say so.
        </Box>
        <input
          type="file"
          aria-label="File"
          accept=".csv,.json"
          style={{ minHeight: 44 }}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void file.text().then(read);
          }}
        />
        <Box>
          <FieldLabel htmlFor="import-text">Or paste it here</FieldLabel>
          <PasteBox id="import-text" value={text} rows={5} onChange={(event) => read(event.target.value)} />
        </Box>
        <Box role="alert" color="stop">
          {(preview.error ?? take.error)?.message}
        </Box>
        {seen && <Seen preview={seen} />}
      </Flex>
    </DialogFrame>
  );
}

const Cell = chakra("td", {
  base: { p: 1, verticalAlign: "top", borderTopWidth: "1px", borderColor: "line" },
});

function Seen({ preview }: { preview: Schemas["ImportPreview"] }) {
  return (
    <Box>
      <strong>
        {preview.added} new, {preview.changed} changed, {preview.same} there already, {preview.bad} wrong.
      </strong>
      <chakra.table w="100%" fontSize="15px" mt={2} aria-label="Rows">
        <tbody>
          {preview.rows.slice(0, 200).map((row) => (
            <tr key={row.row}>
              <Cell fontFamily="numerals">{row.row}</Cell>
              <Cell>{row.code}</Cell>
              <Cell color={row.does === "wrong" ? "stop" : undefined}>{does[row.does]}</Cell>
              <Cell>
                {row.problems.map((problem, i) => (
                  <Box key={i}>
                    {problem.column && <strong>{problem.column}: </strong>}
                    {problem.says}
                  </Box>
                ))}
              </Cell>
            </tr>
          ))}
        </tbody>
      </chakra.table>
      {preview.rows.length > 200 && <Box>And {preview.rows.length - 200} more rows.</Box>}
    </Box>
  );
}
