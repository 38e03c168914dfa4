import { defineConfig } from "vitest/config";

// A config of its own: unit tests need no router plugin.
export default defineConfig({
  test: {
    include: [
      "core/**/*.test.ts",
      "formats/**/*.test.ts",
      "data/**/*.test.ts",
      "app/**/*.test.ts",
      "scripts/**/*.test.ts",
    ],
    environment: "node",
  },
});
