import { chakra, Flex } from "@chakra-ui/react";
import type { Landing } from "../client";

/** Whether the landing is marked for aluminium; without a mark it is taken as copper only. */
export function MetalsField({
  landing,
  onChange,
}: {
  landing: Landing;
  onChange: (landing: Landing) => void;
}) {
  const marked = landing.metals?.includes("aluminium") ?? false;
  return (
    <Flex as="label" gap={3} alignItems="center" minH="44px" cursor="pointer" fontSize="15px">
      <chakra.input
        type="checkbox"
        w="22px"
        h="22px"
        checked={marked}
        onChange={(event) =>
          onChange({ ...landing, metals: event.target.checked ? ["copper", "aluminium"] : null })
        }
      />
      Marked for aluminium (AL, CU-AL, CO/ALR)
    </Flex>
  );
}
