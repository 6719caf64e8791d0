import { spawn, spawnSync } from "node:child_process";
import { existsSync, readdirSync, statSync } from "node:fs";
import { createServer } from "node:net";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const inRoot = (...parts) => join(ROOT, ...parts);
export const env = { ...process.env, NEXT_TELEMETRY_DISABLED: "1" };

/** Runs a command in the project, its output shown; answers whether it went well. */
export function run(command, args, extra = {}) {
  return spawnSync(command, args, { cwd: ROOT, stdio: "inherit", env: { ...env, ...extra } }).status === 0;
}

/** A program of node_modules, started by node itself so that it works on every system. */
export const nextBin = () => inRoot("node_modules", "next", "dist", "bin", "next");

const newest = (path) => {
  if (!existsSync(path)) return 0;
  const stat = statSync(path);
  return stat.isDirectory() ? Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name)))) : stat.mtimeMs;
};

/** Installs what package-lock.json says, if it is not there yet. */
export function install() {
  const done = inRoot("node_modules", ".package-lock.json");
  if (existsSync(done) && statSync(done).mtimeMs >= statSync(inRoot("package-lock.json")).mtimeMs) return true;
  console.log("Installing packages (a few minutes the first time)");
  return run("npm", ["ci", "--no-audit", "--no-fund"]);
}

/** Builds the application if its source is newer than the last build. */
export function build() {
  const built = inRoot(".next", "BUILD_ID");
  const source = Math.max(...["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"].map((path) => newest(inRoot(path))));
  if (existsSync(built) && statSync(built).mtimeMs >= source) return true;
  console.log("Building (a minute or two)");
  return run(process.execPath, [nextBin(), "build"]);
}

/** A port nobody listens on; the wished one if it is free. */
export function freePort(wish = 0) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(freePort(0)));
    probe.listen(wish, "127.0.0.1", () => { const { port } = probe.address(); probe.close(() => resolve(port)); });
  });
}

/** Starts the built application on 127.0.0.1. */
export function startServer(port, extra = {}, stdio = "inherit") {
  return spawn(process.execPath, [nextBin(), "start", "-H", "127.0.0.1", "-p", String(port)], { cwd: ROOT, stdio, env: { ...env, ...extra } });
}

/** Whether a Dermagraph answers at an address within some seconds. */
export async function answers(url, seconds) {
  const until = Date.now() + seconds * 1000;
  do {
    try {
      const response = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(2000) });
      if (response.ok && (await response.json()).ok === true) return true;
    } catch { /* not yet */ }
    await new Promise((resolve) => setTimeout(resolve, 200));
  } while (Date.now() < until);
  return false;
}
