import { Box, chakra, Flex } from "@chakra-ui/react";
import { useCallback, useRef, useState } from "react";
import type { Schemas } from "../client";
import { PersonField } from "../bench/PersonField";
import type { Person } from "../bench/recording";
import { Choice } from "../shared/Choice";
import { useKey } from "../shared/keys";
import { Action, Field, FieldLabel, Panel } from "../shared/Panel";
import { useRemembered } from "../shared/remembered";
import { ImportDialog } from "./ImportDialog";
import { ItemDialog } from "./ItemDialog";
import { ItemList } from "./ItemList";
import { Tables } from "./Tables";
import { useShelf } from "./useShelf";

export type ShelfKind = "landing" | "conductor" | "ferrules" | "connector" | "device" | "tool";
type Tab = ShelfKind | "tables";

/** The catalogue: what can be picked, by drawing and by word, and the tables that the rules use. */
export function ShelfPage() {
  const [tab, setTab] = useState<Tab>("landing");
  const [text, setText] = useState("");
  const [person, setPerson] = useRemembered<Person | null>("person", null);
  const [importing, setImporting] = useState(false);
  const [editing, setEditing] = useState<Schemas["ShelfEntry"] | "new" | null>(null);
  const shelf = useShelf(person);
  const search = useRef<HTMLInputElement>(null);
  useKey(
    "/",
    useCallback(() => search.current?.focus(), []),
  );
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <chakra.h1 srOnly>Shelf</chakra.h1>
      <Choice
        label="What is shown"
        wrap
        value={tab}
        onChange={setTab}
        options={[
          ["landing", "Landings"],
          ["conductor", "Conductors"],
          ["ferrules", "Ferrules"],
          ["connector", "Connectors"],
          ["device", "Devices"],
          ["tool", "Tools"],
          ["tables", "Tables"],
        ]}
      />
      {tab === "tables" ? (
        <Tables />
      ) : (
        <>
          <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
            <Box flex="1 1 220px">
              <FieldLabel htmlFor="shelf-search">Search (/)</FieldLabel>
              <Field
                id="shelf-search"
                ref={search}
                type="search"
                value={text}
                maxLength={80}
                autoComplete="off"
                placeholder="code, name or kind"
                onChange={(event) => setText(event.target.value)}
              />
            </Box>
            {tab !== "landing" && <Action onClick={() => setEditing("new")}>Add</Action>}
            <Action onClick={() => setImporting(true)}>Import</Action>
            <ExportLink href={`/api/shelf/export/${tab}.csv`}>CSV</ExportLink>
            <ExportLink href="/api/shelf/export/shelf.json">JSON, all</ExportLink>
          </Flex>
          {tab === "landing" && (
            <Box color="ink.soft" fontSize="15px">
              To add a landing, set it up at the Bench and put it on the Shelf from there.
            </Box>
          )}
          {!person && (
            <Panel>
              <PersonField person={person} onPerson={setPerson} />
            </Panel>
          )}
          <Box role="status">
            {shelf.error ? (
              <Box color="stop">{shelf.error.message}</Box>
            ) : (
              shelf.undo && (
                <Flex gap={2} alignItems="center" bg="copper.wash" rounded="lg" px={3}>
                  {shelf.undo.says}
                  <Action look="link" onClick={shelf.undoIt}>
                    Undo
                  </Action>
                </Flex>
              )
            )}
          </Box>
          <ItemList
            key={tab}
            kind={tab}
            text={text}
            mayChange={person !== null}
            onEdit={setEditing}
            onTakeOff={shelf.takeOff}
          />
          <ImportDialog
            open={importing}
            kind={tab}
            person={person}
            onClose={() => setImporting(false)}
            onDone={shelf.changed}
          />
          {editing && (
            <ItemDialog
              kind={tab}
              entry={editing === "new" ? null : editing}
              person={person}
              onClose={() => setEditing(null)}
              onDone={shelf.changed}
            />
          )}
        </>
      )}
    </Flex>
  );
}

const ExportLink = chakra("a", {
  base: {
    minH: "44px",
    px: 4,
    display: "inline-flex",
    alignItems: "center",
    rounded: "md",
    fontWeight: 600,
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper.raised",
    _hover: { bg: "paper.sunk" },
  },
});
