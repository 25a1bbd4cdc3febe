import { Box, chakra, Flex } from "@chakra-ui/react";
import { useCallback, useRef, useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import type { Schemas } from "../client";
import { useKey } from "../shared/keys";
import { ImportDialog } from "./ImportDialog";
import { ItemDialog } from "./ItemDialog";
import { ItemList } from "./ItemList";
import { Tables } from "./Tables";
import { useShelf } from "./useShelf";
import { OnlyFor } from "../people/OnlyFor";
import { Button, ErrorMessage, exportFile, Tabs, TextField } from "../ui";

export type ShelfKind = "landing" | "conductor" | "ferrules" | "connector" | "device" | "tool";
const tabs: [ShelfKind | "tables", string][] = [
  ["landing", "Landings"],
  ["conductor", "Conductors"],
  ["ferrules", "Ferrules"],
  ["connector", "Connectors"],
  ["device", "Devices"],
  ["tool", "Tools"],
  ["tables", "Tables"],
];

/** The catalogue. Led to with a word from elsewhere while it is open, it starts again with that word. */
export function ShelfPage() {
  const word = useSearchParams()[0].get("q");
  return <Shelf key={word} />;
}

/** What can be picked, by drawing and by word, and the tables that the rules use. */
function Shelf() {
  const { tab: asked } = useParams();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const tab = tabs.find(([name]) => name === asked)?.[0] ?? "landing";
  const [text, setText] = useState(params.get("q") ?? "");
  const [importing, setImporting] = useState(false);
  const [editing, setEditing] = useState<Schemas["ShelfEntry"] | "new" | null>(null);
  const shelf = useShelf();
  const search = useRef<HTMLInputElement>(null);
  useKey(
    "/",
    useCallback(() => search.current?.focus(), []),
  );
  return (
    <Flex direction="column" gap={3} maxW="1100px">
      <chakra.h1 srOnly>Shelf</chakra.h1>
      <Tabs label="What is shown" tabs={tabs} value={tab} onChange={(to) => void navigate(`/shelf/${to}`)}>
        {tab === "tables" ? (
          <Tables key={params.get("table")} />
        ) : (
          <Flex direction="column" gap={3}>
            <Flex gap={2} alignItems="flex-end" flexWrap="wrap">
              <Box flex="1 1 220px">
                <TextField
                  id="shelf-search"
                  label="Search (/)"
                  ref={search}
                  type="search"
                  value={text}
                  maxLength={80}
                  autoComplete="off"
                  placeholder="code, name or kind"
                  onChange={(event) => setText(event.target.value)}
                />
              </Box>
              <OnlyFor right="change-shelf">
                {tab !== "landing" && <Button onClick={() => setEditing("new")}>Add an item</Button>}
                <Button onClick={() => setImporting(true)}>Import</Button>
              </OnlyFor>
              <Button
                onClick={() => void exportFile(`/api/shelf/export/${tab}.csv`, `lacet-shelf-${tab}.csv`)}
              >
                Export CSV
              </Button>
              <Button onClick={() => void exportFile("/api/shelf/export/shelf.json", "lacet-shelf.json")}>
                Export all, JSON
              </Button>
            </Flex>
            {tab === "landing" && (
              <Box color="ink.soft" textStyle="dense">
                To add a landing, set it up at the Bench and put it on the Shelf from there.
              </Box>
            )}
            <ErrorMessage of={shelf.error} />
            <ItemList key={tab} kind={tab} text={text} onEdit={setEditing} onTakeOff={shelf.takeOff} />
            <ImportDialog
              open={importing}
              kind={tab}
              onClose={() => setImporting(false)}
              onDone={shelf.changed}
            />
            {editing && (
              <ItemDialog
                kind={tab}
                entry={editing === "new" ? null : editing}
                onClose={() => setEditing(null)}
                onDone={shelf.changed}
              />
            )}
          </Flex>
        )}
      </Tabs>
    </Flex>
  );
}
