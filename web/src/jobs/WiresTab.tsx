import { Box, Flex, Grid } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { useCallback, useMemo, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../client";
import { useKey } from "../shared/keys";
import { useIsPhone } from "../shared/useIsPhone";
import { useSession } from "../people/session";
import { Button, Disclosure, ErrorMessage, Loading, Select, TextField } from "../ui";
import { EndDialog } from "./EndDialog";
import { NewWireDialog } from "./NewWireDialog";
import { useWires } from "./useWires";
import { WireCards } from "./WireCards";
import { WireGrid } from "./WireGrid";

export type Grouping = "none" | "enclosure" | "circuit";

interface Narrowed {
  text: string;
  enclosure: string;
  circuit: string;
  grouping: Grouping;
}

const everything: Narrowed = { text: "", enclosure: "", circuit: "", grouping: "none" };

/** The list of wires: typed into like a spreadsheet, found by word, grouped by enclosure or circuit; on a phone, cards. */
export function WiresTab({ job }: { job: Schemas["JobOverview"] }) {
  const id = job.title.id;
  const isPhone = useIsPhone();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const [shown, setShown] = useState(everything);
  const [adding, setAdding] = useState(false);
  const { wires, total, loading, error } = useWires(id, shown.text, shown.enclosure, shown.circuit);
  const open = params.get("wire");
  const enclosure =
    job.enclosures.find(({ part }) => part.id === shown.enclosure)?.part.name ??
    job.enclosures[0]?.part.name ??
    "Panel";
  const mine = !useSession().refusal("change-jobs");
  const openEnd = (wire: string, side: "a" | "b") => setParams({ wire, side });
  return (
    <Flex direction="column" gap={2}>
      <Narrow job={job} shown={shown} isPhone={isPhone} onShown={setShown} />
      <ErrorMessage of={error} />
      {loading ? (
        <Loading what="Reading the wires…" lines={8} height="40px" />
      ) : isPhone ? (
        <>
          <WireCards wires={wires} onOpen={openEnd} />
          {wires.length === 0 && <Box p={3}>{shown.text ? "No results." : "No wire yet."}</Box>}
          {mine && (
            <Button alignSelf="start" onClick={() => setAdding(true)}>
              <Plus aria-hidden />
              Add a wire
            </Button>
          )}
        </>
      ) : (
        <WireGrid job={id} wires={wires} grouping={shown.grouping} enclosure={enclosure} onOpen={openEnd} />
      )}
      <Flex gap={2} alignItems="center" flexWrap="wrap">
        <Box textStyle="note" color="ink.soft" flex="1 1 320px">
          {wires.length < total ? `${wires.length} of ${total} wires read…` : `${total} wires.`}
          {mine &&
            !isPhone &&
            " Type into a cell; Enter goes down, Tab goes on, Delete empties. Paste rows from a spreadsheet."}
        </Box>
        {mine && <Button onClick={() => void navigate(`/import?job=${id}`)}>Import wire list</Button>}
      </Flex>
      {adding && <NewWireDialog job={id} enclosure={enclosure} onClose={() => setAdding(false)} />}
      {open && (
        <EndDialog
          job={id}
          wire={open}
          side={params.get("side") === "b" ? "b" : "a"}
          enclosure={enclosure}
          onClose={() => setParams({})}
        />
      )}
    </Flex>
  );
}

/** Which wires are shown: by word, by enclosure, by circuit; on a phone the word alone stands open. */
function Narrow({
  job,
  shown,
  isPhone,
  onShown,
}: {
  job: Schemas["JobOverview"];
  shown: Narrowed;
  isPhone: boolean;
  onShown: (shown: Narrowed) => void;
}) {
  const set = (change: Partial<Narrowed>) => onShown({ ...shown, ...change });
  const search = useRef<HTMLInputElement>(null);
  useKey(
    "/",
    useCallback(() => search.current?.focus(), []),
  );
  const enclosures = useMemo(
    () => job.enclosures.map(({ part }): [string, string] => [part.id, part.name]),
    [job.enclosures],
  );
  const circuits = useMemo(
    () => job.circuits.map(({ part }): [string, string] => [part.id, part.name]),
    [job.circuits],
  );
  const selects = (
    <>
      <Select
        label="Enclosure"
        value={shown.enclosure}
        onChange={(enclosure) => set({ enclosure })}
        options={[["", "all"], ...enclosures]}
      />
      <Select
        label="Circuit"
        value={shown.circuit}
        onChange={(circuit) => set({ circuit })}
        options={[["", "all"], ...circuits]}
      />
    </>
  );
  const word = (
    <TextField
      id="wire-search"
      label="Search (/)"
      ref={search}
      type="search"
      value={shown.text}
      maxLength={80}
      placeholder="wire, landing, colour, circuit"
      onChange={(event) => set({ text: event.target.value })}
    />
  );
  if (isPhone) {
    return (
      <Box>
        {word}
        <Disclosure label={shown.enclosure || shown.circuit ? "Show only: some are left out" : "Show only…"}>
          <Grid templateColumns="1fr 1fr" gap={2}>
            {selects}
          </Grid>
        </Disclosure>
      </Box>
    );
  }
  return (
    <Grid gap={2} templateColumns="minmax(180px, 2fr) repeat(3, minmax(120px, 1fr))">
      {word}
      {selects}
      <Select
        label="Grouped by"
        value={shown.grouping}
        onChange={(grouping) => set({ grouping })}
        options={[
          ["none", "nothing"],
          ["enclosure", "enclosure"],
          ["circuit", "circuit"],
        ]}
      />
    </Grid>
  );
}
