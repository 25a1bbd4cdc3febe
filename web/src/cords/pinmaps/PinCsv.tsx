import { Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { http, take } from "../../client";
import { saveAs } from "../../shared/saveAs";
import type { Pin, PinMap } from "./map";
import { Button, Disclosure, ErrorMessage, TextArea } from "../../ui";

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
    onSuccess: (csv) => saveAs(`${map.name}.csv`, new Blob([csv.text], { type: "text/csv" })),
  });
  return (
    <Disclosure label="As a table: CSV in and out">
      <TextArea
        label="Pins as CSV"
        rows={5}
        placeholder={"pin,function,terminal,colour,ohms\n1,low speed,T1,,"}
        value={text}
        maxLength={200000}
        onChange={(event) => setText(event.target.value)}
      />
      <Flex gap={2} mt={1} flexWrap="wrap">
        <Button disabled={!text.trim() || read.isPending} onClick={() => read.mutate(text)}>
          Import these pins
        </Button>
        <Button disabled={write.isPending} onClick={() => write.mutate()}>
          Export CSV
        </Button>
      </Flex>
      <ErrorMessage of={read.error ?? write.error} />
    </Disclosure>
  );
}
