import { Box } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Button, Dialog } from "../ui";

/** A code that lets somebody in once: shown now, and never again. */
export function CodeShown({ given, onClose }: { given: Schemas["CodeGiven"]; onClose: () => void }) {
  return (
    <Dialog
      title={`Code for ${given.person.name}`}
      open
      size="sm"
      onClose={onClose}
      footer={
        <Button variant="solid" onClick={onClose}>
          Done
        </Button>
      }
    >
      <CodeText given={given} />
    </Dialog>
  );
}

/** The code itself, and what is done with it. */
export const CodeText = ({ given }: { given: Schemas["CodeGiven"] }) => (
  <>
    <Box textStyle="figure.md" letterSpacing="0.04em" mb={3} data-code>
      {given.code}
    </Box>
    <Box>
      Read it out to {given.person.name}, or write it down: it is shown once. It is good for three days and
      for one sign-in; then they choose a password of their own.
    </Box>
  </>
);
