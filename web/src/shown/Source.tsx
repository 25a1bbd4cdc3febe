import { Box } from "@chakra-ui/react";
import { Toggletip } from "../ui";

// How the core marks what nobody has laid beside the printed page yet.
const recalled = /\s*\(from memory\)|[\s,;]*\bfrom memory\b/g;

/** What a source says, without the words for what nobody has compared yet. */
const withoutMark = (text: string) => text.replace(recalled, "").trim();

/** A sentence with its source, and one mark where that was not compared with the printed page yet. */
export function Sourced({ text }: { text: string }) {
  const said = withoutMark(text);
  return (
    <>
      {said}
      {said !== text.trim() && (
        <Toggletip label="Not compared" sign="◇">
          Given from memory: it was not laid beside the printed document yet. Compare before you rely on it.
        </Toggletip>
      )}
    </>
  );
}

/** Where something is from. */
export function Source({ of }: { of: string }) {
  return (
    <Box as="span" color="ink.soft" textStyle="note">
      <Sourced text={of} />
    </Box>
  );
}
