// npm test: everything, on a fresh machine too. Each part also runs by itself (see package.json).
import { existsSync } from "node:fs";
import { build, install, run } from "./steps.cjs";

const npm = (script, ...args) => run("npm", ["run", "--silent", script, ...args]);

/** Debian's Chromium, where Playwright is told to find it. */
function chromium() {
  if (existsSync("/usr/bin/chromium")) return true;
  if (process.getuid?.() !== 0) {
    console.error("The browser tests need Debian's Chromium: apt-get install chromium");
    return false;
  }
  return (
    run("apt-get", ["update", "-q"]) &&
    run("apt-get", ["install", "-yq", "chromium"], { DEBIAN_FRONTEND: "noninteractive" })
  );
}

const steps = [
  ["packages", install],
  ["format", () => npm("format:check")],
  ["licences", () => npm("licences", "--", "--check")],
  ["chromium", chromium],
  ["types", () => npm("typecheck")],
  ["lint", () => npm("lint")],
  ["boundaries", () => npm("boundaries")],
  ["unit tests", () => npm("test:unit")],
  ["build", build],
  ["browser tests", () => npm("test:e2e")],
];

const failed = [];
let passed = 0;
for (const [name, step] of steps) {
  const start = Date.now();
  console.log(`\n== ${name}`);
  if (step()) passed++;
  else failed.push(name);
  console.log(
    `== ${name}: ${failed.includes(name) ? "FAILED" : "ok"}, ${Math.round((Date.now() - start) / 1000)} s`,
  );
  if (failed.includes("packages")) break;
}
console.log(
  `\nsteps: ${passed} passed, ${failed.length} failed${failed.length ? ` (${failed.join(", ")})` : ""}`,
);
console.log(`${passed} passed, ${failed.length} failed`);
process.exit(failed.length ? 1 : 0);
