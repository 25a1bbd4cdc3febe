import { Box, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api, type Landing } from "../client";
import { Action, Field, FieldLabel } from "../shared/Panel";
import { recall } from "../shared/remembered";
import type { Person } from "./recording";

const Summary = chakra("summary", {
  base: { minH: "44px", display: "flex", alignItems: "center", cursor: "pointer", color: "copper" },
});

/** What was read off a landing is typed in once, put on the Shelf, and trusted as marking from then on. */
export function PutOnShelf({ landing }: { landing: Landing }) {
  const id = useId();
  // Whoever was named under Record on this device; named a moment ago, it is known at the next key.
  const person = recall<Person | null>("person", null);
  const [code, setCode] = useState("");
  const [name, setName] = useState("");
  const queries = useQueryClient();
  const put = useMutation({
    mutationFn: () =>
      api.putOnShelf({
        personId: person?.id ?? "",
        item: { kind: "landing", code, name, trust: landing.trust ?? "marking", landing },
      }),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["shelf"] }),
  });
  return (
    <details>
      <Summary>Put this landing on the Shelf</Summary>
      <Flex direction="column" gap={2}>
        <Box>
          <FieldLabel htmlFor={`${id}-code`}>Code</FieldLabel>
          <Field
            id={`${id}-code`}
            value={code}
            maxLength={60}
            autoComplete="off"
            onChange={(event) => setCode(event.target.value)}
          />
        </Box>
        <Box>
          <FieldLabel htmlFor={`${id}-name`}>Name</FieldLabel>
          <Field
            id={`${id}-name`}
            value={name}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setName(event.target.value)}
          />
        </Box>
        <Action
          disabled={!person || !code.trim() || !name.trim() || put.isPending}
          onClick={() => put.mutate()}
        >
          Put it there
        </Action>
        <Box role="status">
          {put.error ? (
            <Box color="stop">{put.error.message}</Box>
          ) : (
            (put.data && `${put.data.entry?.item.code ?? "It"} is on the Shelf.`) ||
            (!person && "Type your name beside Done first.")
          )}
        </Box>
      </Flex>
    </details>
  );
}
