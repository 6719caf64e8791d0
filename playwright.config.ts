import { defineConfig } from "@playwright/test";
import { CHROMIUM } from "./scripts/steps.cjs";

/** Browser tests run against the built application; each worker starts its own server on a free port with a throwaway studio. */
export default defineConfig({
  testDir: "tests/e2e",
  outputDir: "test-results",
  workers: 2,
  fullyParallel: false,
  // A second try on a slow machine, printed as "flaky": that is a defect to mend, not a pass to keep.
  retries: 1,
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: [["list"]],
  use: {
    actionTimeout: 30_000,
    // A studio begun in a test is one in the United Kingdom.
    locale: "en-GB",
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    reducedMotion: "reduce",
    screenshot: "only-on-failure",
  },
});
