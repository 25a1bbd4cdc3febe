import { chakra, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A box to tick, with its words beside it, large enough for a thumb. */
export function CheckField({
  checked,
  onChange,
  children,
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Flex as="label" gap={3} alignItems="center" minH="44px" cursor="pointer" fontSize="15px">
      <chakra.input
        type="checkbox"
        w="22px"
        h="22px"
        flex="none"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>{children}</span>
    </Flex>
  );
}
