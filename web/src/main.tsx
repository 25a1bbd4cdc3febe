import "@fontsource/atkinson-hyperlegible-next/400.css";
import "@fontsource/atkinson-hyperlegible-next/600.css";
import "@fontsource/atkinson-hyperlegible-next/700.css";
import "@fontsource/atkinson-hyperlegible-mono/600.css";
import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { App } from "./App";
import { mayComeBack, type Schemas } from "./client";
import { recall } from "./shared/remembered";
import { onRegion, setOwnRegion } from "./shared/tradeWords";
import { UnitsProvider } from "./shared/Units";
import { applyTheme, printInLight, rememberedTheme } from "./shell/colourTheme";
import { system } from "./ui/theme";

applyTheme(rememberedTheme());
printInLight();
setOwnRegion(recall<Schemas["HouseRules"]>("houseRules", {}).region);

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // Only what the network or a server on its way up lost is asked again; a refusal stays one.
      retry: (count, error) => count < 3 && mayComeBack(error),
      retryDelay: (count) => 300 * 2 ** count,
      refetchOnWindowFocus: false,
      staleTime: 60_000,
      // The server may be this very machine: no network is no reason to wait for one.
      networkMode: "always",
    },
    mutations: { networkMode: "always" },
  },
});

// What was read in other words is read again; what is on its way in them is not waited for.
onRegion(() => void queries.cancelQueries().then(() => queries.invalidateQueries()));

const root = document.getElementById("root");
if (root && !isSecureContext) {
  // Without TLS a browser lends a page neither what ids are made with nor the camera.
  root.textContent =
    "Lacet needs a secure connection here: open the same address with https, or on the server’s own machine.";
} else if (root) {
  createRoot(root).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <UnitsProvider>
            <BrowserRouter>
              <App />
            </BrowserRouter>
          </UnitsProvider>
        </QueryClientProvider>
      </ChakraProvider>
    </StrictMode>,
  );
}
