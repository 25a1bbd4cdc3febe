import { Box } from "@chakra-ui/react";
import { Toggletip } from "../ui";

// How the core marks what nobody has laid beside the printed page yet.
const recalled = /[\s,;]*\(?\bfrom memory\b\)?/g;

/** Where something is from, and one mark where it was not compared with the printed page yet. */
export function Source({ of }: { of: string }) {
  const said = of.replace(recalled, "").trim();
  return (
    <Box as="span" color="ink.soft" textStyle="note">
      {said}
      {said !== of.trim() && (
        <Toggletip label="Not compared" sign="◇">
          Given from memory: it was not laid beside the printed document yet. Compare before you rely on it.
        </Toggletip>
      )}
    </Box>
  );
}
