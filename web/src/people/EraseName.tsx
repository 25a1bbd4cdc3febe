import { Box, Flex } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import type { Schemas } from "../client";
import { Button, Disclosure, ErrorMessage } from "../ui";
import { sessionApi } from "./session";

/** Erases a name for good: the one thing here that nothing brings back, so it is said twice. */
export function EraseName({
  person,
  onErased,
  onClose,
}: {
  person: Schemas["PersonDocument"];
  onErased: () => void;
  onClose: () => void;
}) {
  const erase = useMutation({
    mutationFn: () => sessionApi.erase(person.id),
    onSuccess: () => {
      onErased();
      onClose();
    },
  });
  return (
    <Disclosure label="Erase the name">
      <Flex direction="column" gap={2}>
        <Box>
          {person.name} works here no more, and what they did stays in the record under “erased”. Nothing
          brings the name back.
        </Box>
        <Button variant="danger" alignSelf="start" disabled={erase.isPending} onClick={() => erase.mutate()}>
          Erase for good
        </Button>
        <ErrorMessage of={erase.error} />
      </Flex>
    </Disclosure>
  );
}
