import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { api, type Conductor } from "../client";
import { useKey } from "../shared/keys";
import { Field, FieldLabel } from "../shared/Panel";
import { thin } from "../shared/Units";

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
      <FieldLabel htmlFor="wire-text">Type a wire (T)</FieldLabel>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim()) read.mutate(text);
        }}
      >
        <Field
          id="wire-text"
          ref={field}
          value={text}
          maxLength={80}
          placeholder="14 sol cu, 2.5 fine"
          autoComplete="off"
          aria-invalid={read.isError}
          aria-describedby="wire-text-answer"
          onChange={(event) => {
            setText(event.target.value);
            read.reset();
          }}
        />
      </form>
      <Box id="wire-text-answer" role="status" fontSize="14px" color={read.isError ? "stop" : "ink.soft"}>
        {read.isError ? read.error.message : read.data ? thin(`Read as ${read.data.readAs}`) : ""}
      </Box>
    </Box>
  );
}
