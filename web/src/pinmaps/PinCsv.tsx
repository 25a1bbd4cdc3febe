import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { http, take } from "../client";
import { Action } from "../shared/Panel";
import { saveAs } from "../shared/saveAs";
import type { Pin, PinMap } from "./map";

const Text = chakra("textarea", {
  base: {
    w: "100%",
    minH: "110px",
    p: 2,
    rounded: "md",
    borderWidth: "1px",
    borderColor: "line.strong",
    bg: "paper",
    color: "ink",
    fontFamily: "numerals",
    fontSize: "15px",
  },
});

const Opened = chakra("summary", { base: { minH: "44px", py: 2, cursor: "pointer", fontWeight: 600 } });

/** A map as a table, in and out. What cannot be read stays as it was pasted. */
export function PinCsv({ map, onPins }: { map: PinMap; onPins: (pins: Pin[]) => void }) {
  const [text, setText] = useState("");
  const read = useMutation({
    mutationFn: (csv: string) => take(http.POST("/api/pin-maps/read", { body: { text: csv } })),
    onSuccess: (pins) => {
      onPins(pins);
      setText("");
    },
  });
  const write = useMutation({
    mutationFn: () => take(http.POST("/api/pin-maps/write", { body: map })),
    onSuccess: (csv) => saveAs(`${map.name}.csv`, "text/csv", csv.text),
  });
  return (
    <details>
      <Opened>As a table: CSV in and out</Opened>
      <Text
        aria-label="Pins as CSV"
        placeholder={"pin,function,terminal,colour,ohms\n1,low speed,T1,,"}
        value={text}
        maxLength={200000}
        onChange={(event) => setText(event.target.value)}
      />
      <Flex gap={2} mt={1} flexWrap="wrap">
        <Action disabled={!text.trim() || read.isPending} onClick={() => read.mutate(text)}>
          Take these pins
        </Action>
        <Action disabled={write.isPending} onClick={() => write.mutate()}>
          Save as CSV
        </Action>
      </Flex>
      <Box role="alert" color="stop">
        {read.error?.message ?? write.error?.message}
      </Box>
    </details>
  );
}
