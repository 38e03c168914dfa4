import { defineConfig } from "vitest/config";

// A config of its own: unit tests need no router plugin.
export default defineConfig({
  test: {
    include: [
      "core/**/*.test.ts",
      "formats/**/*.test.ts",
      "data/**/*.test.ts",
      "app/**/*.test.ts",
      "app/**/*.test.tsx",
      "scripts/**/*.test.ts",
    ],
    environment: "node",
    // A guard against hanging, no measure of speed: tests that start a process or fill a data file take their time where the
    // machine is busy.
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
