import { Box, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Button, Select, TextField } from "../ui";

type Link = Schemas["InsideLink"];

const kinds: Record<NonNullable<Schemas["InsideKind"]>, string> = {
  contact: "contact",
  load: "load",
  joined: "joined",
  supply: "output",
};

/** What a device has between its terminals, pair by pair, as printed on it; null is what is usual for its type. */
export function InsideFields({
  inside,
  onChange,
}: {
  inside: Link[] | null | undefined;
  onChange: (inside: Link[] | null) => void;
}) {
  const links = inside ?? [];
  const put = (at: number, link: Partial<Link>) =>
    onChange(links.map((one, i) => (i === at ? { ...one, ...link } : one)));
  return (
    <Box as="fieldset" mt={3}>
      <Box as="legend" fontWeight={700}>
        Between its terminals
      </Box>
      <Box color="ink.soft">
        {links.length === 0
          ? "As is usual for its type. Add a pair where it is printed otherwise on the device."
          : "Only these pairs, as printed on the device. A load is a coil, a winding or an input."}
      </Box>
      {links.map((link, i) => (
        <Flex key={i} gap={2} alignItems="flex-end" mt={2}>
          <Box flex={1.8} minW={0}>
            <Select
              label="What"
              hideLabel={i > 0}
              value={link.kind}
              options={Object.entries(kinds) as [NonNullable<Link["kind"]>, string][]}
              onChange={(kind) => put(i, { kind })}
            />
          </Box>
          {(["one", "other"] as const).map((side) => (
            <Box key={side} flex={1} minW="44px">
              <TextField
                label={side === "one" ? "From" : "To"}
                hideLabel={i > 0}
                aria-label={`${side === "one" ? "From" : "To"} terminal, pair ${i + 1}`}
                autoComplete="off"
                maxLength={20}
                value={link[side]}
                onChange={(event) => put(i, { [side]: event.target.value })}
              />
            </Box>
          ))}
          <Button
            px={3}
            aria-label={`Remove pair ${i + 1}`}
            onClick={() => onChange(links.length === 1 ? null : links.filter((_, at) => at !== i))}
          >
            ×
          </Button>
        </Flex>
      ))}
      <Button mt={2} onClick={() => onChange([...links, { kind: "contact", one: "", other: "" }])}>
        Add a pair of terminals
      </Button>
    </Box>
  );
}
