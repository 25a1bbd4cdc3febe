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
import { UnitsProvider } from "./shared/Units";
import { applyTheme, rememberedTheme } from "./shell/colourTheme";
import { system } from "./theme";

applyTheme(rememberedTheme());

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, staleTime: 60_000 } },
});

const root = document.getElementById("root");
if (root) {
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
