import { defineConfig } from "vitest/config";

const SOAKS = ["scripts/soak/**/*.test.ts"];

// A config of its own: unit tests need no router plugin.
export default defineConfig({
  test: {
    globalSetup: "scripts/pool.mjs",
    // A guard against hanging, no measure of speed: tests that start a process or fill a data file take their time where the
    // machine is busy.
    testTimeout: 180_000,
    hookTimeout: 180_000,
    // On two cores one of them would be left idle.
    maxWorkers: "100%",
    projects: [
      {
        extends: true,
        oxc: { jsx: { development: false } },
        test: {
          name: "floors",
          include: ["core", "formats", "data", "app", "scripts"].map((floor) => `${floor}/**/*.test.ts`),
          exclude: SOAKS,
          environment: "node",
          // The files of a process share what they import: reading it anew for each took more than half of the time.
          isolate: false,
          // Pages are drawn as the server draws them; their development takes twice the time.
          env: { NODE_ENV: "production" },
        },
      },
      // Servers in processes of their own, killed and flooded: beside other tests they would starve them.
      { extends: true, test: { name: "soaks", include: SOAKS, environment: "node" } },
      // Pages in a browser's stand-in leave behind what they drew and what they stubbed.
      { extends: true, test: { name: "pages", include: ["app/**/*.test.tsx"], environment: "happy-dom" } },
    ],
  },
});
