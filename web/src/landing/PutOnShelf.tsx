import { Box, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api, type Landing } from "../client";
import { Button, Disclosure, TextField } from "../ui";

/** What was read off a landing is typed in once, put on the Shelf, and trusted as marking from then on. */
export function PutOnShelf({ landing }: { landing: Landing }) {
  const id = useId();
  const [code, setCode] = useState("");
  const [name, setName] = useState("");
  const queries = useQueryClient();
  const put = useMutation({
    mutationFn: () =>
      api.putOnShelf({
        item: { kind: "landing", code, name, trust: landing.trust ?? "marking", landing },
      }),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["shelf"] }),
  });
  return (
    <Disclosure label="Put this landing on the Shelf">
      <Flex direction="column" gap={2}>
        <Box>
          <TextField
            id={`${id}-code`}
            label="Code"
            value={code}
            maxLength={60}
            autoComplete="off"
            onChange={(event) => setCode(event.target.value)}
          />
        </Box>
        <Box>
          <TextField
            id={`${id}-name`}
            label="Name"
            value={name}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setName(event.target.value)}
          />
        </Box>
        <Button disabled={!code.trim() || !name.trim() || put.isPending} onClick={() => put.mutate()}>
          Save
        </Button>
        <Box role="status">
          {put.error ? (
            <Box color="stop">{put.error.message}</Box>
          ) : (
            put.data && `${put.data.entry?.item.code ?? "It"} is on the Shelf.`
          )}
        </Box>
      </Flex>
    </Disclosure>
  );
}
