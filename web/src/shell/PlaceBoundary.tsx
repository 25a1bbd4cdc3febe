import { Box, Flex } from "@chakra-ui/react";
import { Suspense, type ReactNode } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { useLocation } from "react-router";
import { Button, Loading, Panel } from "../ui";

/** A place while it opens, and one that did not: what breaks there leaves the rail and the other places as they are. */
export function PlaceBoundary({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary resetKeys={[pathname]} FallbackComponent={DidNotOpen}>
      <Suspense fallback={<Loading what="Opening the page…" />}>{children}</Suspense>
    </ErrorBoundary>
  );
}

/** A part of the program that did not arrive is fetched with the whole page: once it has failed, the browser keeps to it. */
function DidNotOpen() {
  return (
    <Panel as="section" role="alert" maxW="520px">
      <Box fontWeight={700}>This page did not open.</Box>
      <Box>
        What was saved is safe. Load the page again; if Lacet does not answer, see that its server runs.
      </Box>
      <Flex mt={3}>
        <Button variant="solid" onClick={() => location.reload()}>
          Load again
        </Button>
      </Flex>
    </Panel>
  );
}
