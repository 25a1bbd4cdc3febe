import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { jobApi } from "../job/jobApi";
import { useChanges } from "../job/useChanges";
import { Button, TextField } from "../ui";

/** A wire in one line, as it is dictated. */
export function AddWire({ job, enclosure, at }: { job: string; enclosure: string; at: string | null }) {
  const { send } = useChanges();
  const [text, setText] = useState("");
  const add = async () => {
    if (!text.trim()) return;
    const done = await send((id) => jobApi.addLine(job, { id, line: text, enclosure }));
    // What was refused stays as it was typed.
    if (done) setText("");
  };
  return (
    <Flex gap={2} alignItems="flex-end" maxW="820px">
      <Box flex={1}>
        <TextField
          id="add-wire"
          label="Add a wire: name, from, to, size, colour, function"
          value={text}
          maxLength={500}
          autoComplete="off"
          placeholder={`W7 ${at ?? "X1:5"} X2:3 2.5 fine black`}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && void add()}
        />
      </Box>
      <Button
        disabled={!text.trim()}

        onClick={() => void add()}
      >
        Add
      </Button>
    </Flex>
  );
}
