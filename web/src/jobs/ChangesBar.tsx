import { Box, Flex } from "@chakra-ui/react";
import { PersonField } from "../bench/PersonField";
import { DialogFrame } from "../shared/DialogFrame";
import { Action } from "../shared/Panel";
import type { Part } from "./jobApi";
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

const sayPart = (part: Part) =>
  Object.entries(part)
    .filter(
      ([name, value]) =>
        value !== null && value !== false && typeof value !== "object" && !/id$|^part$|^order$/i.test(name),
    )
    .map(([name, value]) => `${name}: ${String(value)}`);

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
      {conflict.now && (
        <Box as="ul" mt={3} pl={4} listStyleType="disc" fontFamily="numerals" fontSize="15px">
          {sayPart(conflict.now).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
    </DialogFrame>
  );
}
