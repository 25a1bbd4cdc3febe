import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { api, type Conductor } from "../client";
import { useKey } from "../shared/keys";
import { thin } from "../shared/Units";
import { TextField } from "../ui";

/** One field that takes a wire as people say it. What is not understood is said, and nothing else changes. */
export function WireText({ wire, onChange }: { wire: Conductor; onChange: (wire: Conductor) => void }) {
  const [text, setText] = useState("");
  const field = useRef<HTMLInputElement>(null);
  useKey(
    "t",
    useCallback(() => field.current?.focus(), []),
  );
  const read = useMutation({
    mutationFn: (typed: string) => api.wire({ text: typed, current: wire }),
    onSuccess: (answer) => {
      onChange(answer.conductor);
      setText("");
    },
  });
  return (
    <Box>
      <TextField
        id="wire-text"
        label="Type a wire (T)"
        ref={field}
        value={text}
        maxLength={80}
        placeholder="14 sol cu, 2.5 fine"
        error={read.error?.message}
        onChange={(event) => {
          setText(event.target.value);
          read.reset();
        }}
        onKeyDown={(event) => event.key === "Enter" && text.trim() && read.mutate(text)}
      />
      <Box role="status" textStyle="note" color="ink.soft">
        {read.data && thin(`Read as ${read.data.readAs}`)}
      </Box>
    </Box>
  );
}
