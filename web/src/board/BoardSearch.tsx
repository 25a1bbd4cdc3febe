import { Box } from "@chakra-ui/react";
import { memo, useCallback, useMemo, useRef, useState } from "react";
import { useKey } from "../shared/keys";
import type { BoardIndex, Slot, Stub } from "../drawing/devices/boardModel";
import { TextField } from "../ui";

/** Goes to a slot or a wire by its name; Enter again goes to the next that answers. */
export const BoardSearch = memo(function BoardSearch({
  index,
  onGo,
}: {
  index: BoardIndex;
  onGo: (slot: Slot, stub: Stub | null) => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  const [text, setText] = useState("");
  const [at, setAt] = useState(-1);
  useKey(
    "/",
    useCallback(() => field.current?.focus(), []),
  );
  const words = text.trim().toLowerCase();
  const found = useMemo(
    () =>
      words
        ? index.slots.flatMap(({ slot }) => {
            if (slot.name.toLowerCase().includes(words)) return [{ slot, stub: slot.stubs[0] ?? null }];
            const stub = slot.stubs.find((one) =>
              index.wires.get(one.wireId)?.name.toLowerCase().includes(words),
            );
            return stub ? [{ slot, stub }] : [];
          })
        : [],
    [index, words],
  );
  // Whoever types the whole name means that one.
  const exact = found.findIndex(
    ({ slot, stub }) =>
      slot.name.toLowerCase() === words ||
      (stub !== null && index.wires.get(stub.wireId)?.name.toLowerCase() === words),
  );
  const go = () => {
    const next = at < 0 ? Math.max(0, exact) : (at + 1) % Math.max(1, found.length);
    const hit = found[next];
    if (!hit) return;
    setAt(next);
    onGo(hit.slot, hit.stub);
  };
  return (
    <Box flex="1 1 150px" maxW={{ md: "300px" }}>
      <TextField
        id="board-search"
        label={
          <>
            Find (/)
            {words && ` · ${found.length ? `${at < 0 ? "" : `${at + 1} of `}${found.length}` : "none"}`}
          </>
        }
        ref={field}
        type="search"
        value={text}
        maxLength={80}
        autoComplete="off"
        placeholder="X1:5, or a wire"
        onChange={(event) => {
          setText(event.target.value);
          setAt(-1);
        }}
        onKeyDown={(event) => event.key === "Enter" && go()}
      />
    </Box>
  );
});
