import tseslint from "typescript-eslint";
import { useOutcome } from "./scripts/lint/useOutcome.mjs";

/** Biome looks after style; ESLint holds the rules that need types or folders. */
const inward = (below) => ({
  "no-restricted-imports": [
    "error",
    { patterns: [{ regex: below, message: "The layers have one way down: app → data → formats → core." }] },
  ],
});

/** Tests, and what only they use. */
const TESTS = ["**/*.test.ts", "**/*.test.tsx", "**/testing/**"];

const CORE_USES = "\\.{1,2}/|typebox$|dayjs(/|$)|d3-shape$|bezier-js$|pure-rand/";
const OTHER_FLOORS = "/(formats|data|app|scripts|e2e)/";

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
    ignores: TESTS,
    rules: { "stenz/use-outcome": "error" },
  },
  // The core computes: only itself, the schema builder, the calendar and curves; no clock, no chance, no machine.
  {
    files: ["core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      ...inward(`^(?!${CORE_USES})|${OTHER_FLOORS}`),
      "no-restricted-globals": ["error", "Date", "process", "window", "document", "performance", "fetch"],
      "no-restricted-properties": ["error", { object: "Math", property: "random" }],
    },
  },
  // Its tables of tests expect something of it.
  {
    files: ["core/testing/**/*.ts"],
    rules: inward(`^(?!${CORE_USES}|vitest$|fast-check$|polygon-clipping$)|${OTHER_FLOORS}`),
  },
  { files: ["formats/**/*.ts"], ignores: ["**/*.test.ts"], rules: inward("/(data|app|scripts|e2e)/") },
  { files: ["data/**/*.ts"], ignores: ["**/*.test.ts"], rules: inward("/(app|scripts|e2e)/") },
  { files: ["app/**/*.ts", "app/**/*.tsx"], ignores: ["**/*.test.ts"], rules: inward("/(scripts|e2e)/") },
);
