import js from "@eslint/js";
import reactHooks from "eslint-plugin-react-hooks";
import globals from "globals";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["node_modules", "src/api", "test-results", "playwright-report"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  { languageOptions: { globals: globals.browser } },
  // A component, or a hook, that is longer than this is several.
  {
    files: ["src/**"],
    ignores: ["**/*.test.ts"],
    rules: { "max-lines-per-function": ["error", { max: 120 }] },
  },
  { files: ["e2e/**", "bench/**", "*.config.*"], languageOptions: { globals: globals.node } },
);
