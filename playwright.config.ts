import { defineConfig } from "@playwright/test";

/** The walk through the whole job, by far the longest test. */
const LONGEST = /walk\.spec\.ts$/;

export default defineConfig({
  testDir: "e2e",
  outputDir: ".cache/e2e",
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  // A machine that others use too takes several times as long as it should: what hangs is told from what is slow.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  // The longest first: begun last, it would leave one of two workers without work for all its time.
  projects: [
    { name: "longest", testMatch: LONGEST },
    { name: "others", testIgnore: LONGEST },
  ],
  use: {
    // Recording every test takes a third of its time; STENZ_TRACE=1 does it where one is to be looked into.
    trace: process.env.STENZ_TRACE ? "retain-on-failure" : "off",
    launchOptions: {
      executablePath: process.env.STENZ_CHROMIUM ?? "/usr/bin/chromium",
      args: [
        "--headless",
        // Pages of all tests in one process, where their scripts are compiled already.
        "--process-per-site",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
