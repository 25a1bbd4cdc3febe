import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { ButtonDownload, ErrorMessage, Loading, Panel } from "../ui";
import { sessionApi } from "./session";

/** How a phone comes to trust a server whose certificate Lacet made itself. */
export function TrustPage() {
  const trust = useQuery({ queryKey: ["trust"], queryFn: sessionApi.trust });
  return (
    <Panel as="section" maxW="640px" mx="auto" p={{ base: 4, md: 6 }}>
      <chakra.h1 textStyle="title" mb={4}>
        Trust this server
      </chakra.h1>
      <ErrorMessage of={trust.error} />
      {trust.isPending && <Loading what="Asking the server…" />}
      {trust.data && !trust.data.fingerprint && (
        <Box>This server has no authority of its own: there is nothing to trust here.</Box>
      )}
      {trust.data?.fingerprint && (
        <Flex direction="column" gap={4}>
          <Box>
            Lacet made its own certificate, which your phone does not know yet. Once it trusts it, the warning
            is gone, and nobody in between can read along.
          </Box>
          <chakra.ol ps={5} listStyleType="decimal" display="flex" flexDirection="column" gap={3}>
            <li>
              Compare. Where Lacet was started, the same fingerprint is printed:
              <Box fontFamily="numerals" wordBreak="break-word" my={2} data-fingerprint>
                {trust.data.fingerprint}
              </Box>
              If it differs, go no further.
            </li>
            <li>
              <ButtonDownload href="/api/trust/authority.crt">Download the certificate</ButtonDownload>
            </li>
            <li>
              <strong>Android:</strong> Settings, Security, More, Encryption and credentials, Install a
              certificate, CA certificate.
            </li>
            <li>
              <strong>iPhone and iPad:</strong> Settings, Profile downloaded, Install; then General, About,
              Certificate Trust Settings, and switch it on.
            </li>
            <li>Close this page and open Lacet again.</li>
          </chakra.ol>
        </Flex>
      )}
    </Panel>
  );
}
