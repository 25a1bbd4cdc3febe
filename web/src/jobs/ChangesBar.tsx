import { Box, chakra, Flex } from "@chakra-ui/react";
import { PersonField } from "../bench/PersonField";
import { DialogFrame } from "../shared/DialogFrame";
import { Action } from "../shared/Panel";
import type { Part } from "./jobApi";
import { fieldWord } from "./partFields";
import { useChanges } from "./useChanges";

/** Who changes, what the last change did, and how it is undone; what was refused, and why. */
export function ChangesBar() {
  const { person, setPerson, last, error, undo, conflict } = useChanges();
  return (
    <>
      <Flex gap={3} alignItems="center" flexWrap="wrap" minH="44px">
        <PersonField person={person} onPerson={setPerson} />
        <Flex role="status" gap={2} alignItems="center">
          {last && (
            <>
              <span>{last.says}</span>
              <Action look="link" onClick={undo} title="Ctrl-Z">
                Undo
              </Action>
            </>
          )}
        </Flex>
        <Box role="alert" color="stop">
          {error}
        </Box>
      </Flex>
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

const Cell = chakra("td", { base: { p: 2, borderTopWidth: "1px", borderColor: "line", fontSize: "15px" } });
const Head = chakra("th", { base: { p: 2, textAlign: "start", fontSize: "14px", color: "ink.soft" } });

function ConflictDialog() {
  const { conflict, settle, send } = useChanges();
  if (!conflict) return null;
  const { mine, version } = conflict;
  return (
    <DialogFrame
      title="Somebody changed it too"
      open
      width="520px"
      onClose={settle}
      footer={
        <>
          {mine && version !== null && (
            <Action onClick={() => void send(() => mine(version))}>Mine, over theirs</Action>
          )}
          <Action look="main" onClick={settle}>
            Keep theirs
          </Action>
        </>
      }
    >
      <Box>{conflict.says}</Box>
      {conflict.wantedSays && <Box mt={2}>{conflict.wantedSays}</Box>}
      {conflict.now && (
        <chakra.table w="100%" mt={3}>
          <thead>
            <tr>
              <Head>What</Head>
              <Head>It is now</Head>
              {conflict.wanted && <Head>Mine</Head>}
            </tr>
          </thead>
          <tbody>
            {differences(conflict.now, conflict.wanted).map((line) => (
              <tr key={line.name}>
                <Cell>{line.name}</Cell>
                <Cell fontFamily="numerals">{line.theirs}</Cell>
                {conflict.wanted && <Cell fontFamily="numerals">{line.mine}</Cell>}
              </tr>
            ))}
          </tbody>
        </chakra.table>
      )}
    </DialogFrame>
  );
}
