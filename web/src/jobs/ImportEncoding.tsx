import { Box, chakra, Flex } from "@chakra-ui/react";
import type { Schemas } from "../client";
import { Select } from "../ui";

/** How the file's text is written, with words that prove it; one choice changes it. */
export function ImportEncoding({
  written,
  onChange,
}: {
  written: Schemas["WrittenText"];
  onChange: (encoding: string) => void;
}) {
  return (
    <Flex gap={3} alignItems="flex-end" flexWrap="wrap" data-encoding={written.encoding.id}>
      <Box w="260px">
        <Select
          label={written.sure ? "The text is written in" : "The text looks written in"}
          value={written.encoding.id}
          options={written.choices.map(({ id, displayName }): [string, string] => [id, displayName])}
          onChange={onChange}
        />
      </Box>
      {written.proof.length > 0 && (
        <Box pb={2}>
          It says{" "}
          {written.proof.map((word) => (
            <chakra.strong key={word} mr={2}>
              {word}
            </chakra.strong>
          ))}
        </Box>
      )}
    </Flex>
  );
}
