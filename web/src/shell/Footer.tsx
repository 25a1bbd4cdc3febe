import { Box } from "@chakra-ui/react";

export function Footer() {
  return (
    <Box as="footer" px={4} py={2} textStyle="note" color="ink.soft" borderTopWidth="1px" borderColor="line">
      Local code and licensed practice rule. Lacet informs; it does not authorise.
    </Box>
  );
}
