import { Box, chakra } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import { api, type Conductor, type Schemas } from "../client";
import { useKey } from "../shared/keys";
import { thin } from "../shared/Units";
import { TextField } from "../ui";

type Read = Schemas["WireReadAnswer"];

/**
 * One field that takes a wire, cable or cord as people write it. What is not understood is named where it stands, and
 * nothing else changes.
 */
export function WireText({
  wire,
  onChange,
}: {
  wire: Conductor;
  onChange: (wire: Conductor, colour: Read["colour"]) => void;
}) {
  const [text, setText] = useState("");
  const field = useRef<HTMLInputElement>(null);
  useKey(
    "t",
    useCallback(() => field.current?.focus(), []),
  );
  const read = useMutation({
    mutationFn: (typed: string) => api.readWire({ text: typed, current: wire }),
    onSuccess: (answer) => {
      if (!answer.conductor) return;
      onChange(answer.conductor, answer.colour);
      setText("");
    },
  });
  const refused = read.data && !read.data.conductor ? read.data : null;
  return (
    <Box>
      <TextField
        id="wire-text"
        label="Type a wire (T)"
        ref={field}
        value={text}
        maxLength={200}
        placeholder="12 THHN black, 14/2 NM"
        error={read.error?.message ?? refused?.problem ?? undefined}
        onChange={(event) => {
          setText(event.target.value);
          read.reset();
        }}
        onKeyDown={(event) => event.key === "Enter" && text.trim() && read.mutate(text)}
      />
      <Box role="status" textStyle="note" color="ink.soft">
        {refused && <Understood read={refused} text={text} />}
        {read.data?.conductor && (
          <>
            {thin(`Read as ${read.data.readAs}.`)}
            {read.data.letters && <Box>{thin(read.data.letters)}.</Box>}
          </>
        )}
      </Box>
    </Box>
  );
}

/** What of a text is understood, and what is not, each where it stands. */
function Understood({ read, text }: { read: Read; text: string }) {
  const parts = read.parts.filter((part) => part.kind !== "filler");
  if (parts.every((part) => part.kind === "not-understood")) return null;
  return (
    <>
      {parts.map((part) => {
        const said = text.slice(part.start, part.start + part.length);
        return part.kind === "not-understood" ? (
          <chakra.span key={part.start} color="stop" fontWeight={700} mr={2}>
            {said}?
          </chakra.span>
        ) : (
          <chakra.span key={part.start} mr={2}>
            {said}: {thin(part.says)}.
          </chakra.span>
        );
      })}
    </>
  );
}
