import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  build: {
    outDir: "../src/Lacet.Web/wwwroot",
    emptyOutDir: true,
    // Fonts stay files of their own: the content policy allows no data addresses for them.
    assetsInlineLimit: 0,
    rolldownOptions: {
      treeshake: {
        // What of the library's own theme nobody takes is left out: to define it does nothing by itself.
        manualPureFunctions: [
          "createAnatomy",
          "defineKeyframes",
          "defineRecipe",
          "defineSemanticTokens",
          "defineSlotRecipe",
          "defineTokens",
        ],
      },
    },
  },
  server: { proxy: { "/api": "http://127.0.0.1:5080" } },
});
