import tseslint from "typescript-eslint";
import { useOutcome } from "./scripts/lint/useOutcome.mjs";

/** Biome looks after style; ESLint holds the rules that need types or folders. */
const inward = (below) => ({
  "no-restricted-imports": [
    "error",
    { patterns: [{ regex: below, message: "The layers have one way down: app → data → formats → core." }] },
  ],
});

export default tseslint.config(
  { ignores: ["node_modules/", "build/", "var/", ".react-router/", "test-results/", "playwright-report/"] },
  {
    files: ["**/*.ts", "**/*.tsx"],
    languageOptions: {
      parser: tseslint.parser,
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    plugins: { "@typescript-eslint": tseslint.plugin, stenz: { rules: { "use-outcome": useOutcome } } },
    rules: { "@typescript-eslint/no-floating-promises": "error" },
  },
  // What a test throws away it shows by what it expects next.
  {
    files: ["data/**/*.ts", "app/**/*.ts", "app/**/*.tsx"],
    ignores: ["**/*.test.ts"],
    rules: { "stenz/use-outcome": "error" },
  },
  // The core computes: only itself, the schema builder, the calendar and curves; no clock, no chance, no machine.
  {
    files: ["core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      ...inward("^(?!\\.{1,2}/|typebox$|dayjs(/|$)|d3-shape$)|/(formats|data|app|scripts|e2e)/"),
      "no-restricted-globals": ["error", "Date", "process", "window", "document", "performance", "fetch"],
      "no-restricted-properties": ["error", { object: "Math", property: "random" }],
    },
  },
  { files: ["formats/**/*.ts"], ignores: ["**/*.test.ts"], rules: inward("/(data|app|scripts|e2e)/") },
  { files: ["data/**/*.ts"], ignores: ["**/*.test.ts"], rules: inward("/(app|scripts|e2e)/") },
  { files: ["app/**/*.ts", "app/**/*.tsx"], ignores: ["**/*.test.ts"], rules: inward("/(scripts|e2e)/") },
);
