// npm test: everything, on a fresh machine too. Each part also runs by itself (see package.json).
import { spawn } from "node:child_process";
import { existsSync } from "node:fs";
import { install, run } from "./steps.cjs";

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

/** A command whose output is shown when it has ended, so that two can run at once. */
const later = (command, args) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { env: { ...process.env, FORCE_COLOR: "0" } });
    const parts = [];
    child.stdout.on("data", (part) => parts.push(part));
    child.stderr.on("data", (part) => parts.push(part));
    child.on("close", (code) => {
      process.stdout.write(Buffer.concat(parts));
      resolve(code === 0);
    });
  });
const BUILD = 'process.exit(require("./scripts/steps.cjs").build() ? 0 : 1)';

/** One after another; those in one row at once: neither of them fills two cores by itself. */
const rows = [
  [["packages", install]],
  [["format", () => npm("format:check")]],
  [["licences", () => npm("licences", "--", "--check")]],
  [["chromium", chromium]],
  [["types", () => npm("typecheck")]],
  [
    ["lint", () => later("npm", ["run", "--silent", "lint"])],
    ["build", () => later(process.execPath, ["-e", BUILD])],
  ],
  [["boundaries", () => npm("boundaries")]],
  [["unit tests", () => npm("test:unit")]],
  [["browser tests", () => npm("test:e2e")]],
];

const failed = [];
let passed = 0;
for (const row of rows) {
  await Promise.all(
    row.map(async ([name, step]) => {
      const start = Date.now();
      console.log(`\n== ${name}`);
      const ok = await step();
      if (ok) passed++;
      else failed.push(name);
      const seconds = Math.round((Date.now() - start) / 1000);
      console.log(`== ${name}: ${ok ? "ok" : "FAILED"}, ${seconds} s`);
    }),
  );
  if (failed.includes("packages")) break;
}
console.log(
  `\nsteps: ${passed} passed, ${failed.length} failed${failed.length ? ` (${failed.join(", ")})` : ""}`,
);
console.log(`${passed} passed, ${failed.length} failed`);
process.exit(failed.length ? 1 : 0);
