// What the scripts and the browser tests share. CommonJS, so that both can load it.
const { spawn, spawnSync } = require("node:child_process");
const { copyFileSync, existsSync, mkdirSync, readdirSync, statSync } = require("node:fs");
const { createServer } = require("node:net");
const { basename, dirname, join } = require("node:path");

const ROOT = dirname(__dirname);
const inRoot = (...parts) => join(ROOT, ...parts);
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: "1" };

/** Runs a command in the project, its output shown; answers whether it went well. */
function run(command, args, extra = {}) {
  return (
    spawnSync(command, args, { cwd: ROOT, stdio: "inherit", env: { ...env, ...extra } }).status ===
    0
  );
}

/** A program of node_modules, started by node itself so that it works on every system. */
const nextBin = () => inRoot("node_modules", "next", "dist", "bin", "next");

const newest = (path) => {
  if (!existsSync(path)) return 0;
  const stat = statSync(path);
  return stat.isDirectory()
    ? Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
    : stat.mtimeMs;
};

/** Installs what package-lock.json says, if it is not there yet. */
function install() {
  const done = inRoot("node_modules", ".package-lock.json");
  if (existsSync(done) && statSync(done).mtimeMs >= statSync(inRoot("package-lock.json")).mtimeMs)
    return true;
  console.log("Installing packages (a few minutes the first time)");
  return run("npm", ["ci", "--no-audit", "--no-fund"]);
}

/** The face finder's own script and the three models it needs: out of its package, to be fetched by who opens a photograph. */
const FINDER = [
  "dist/human.esm.js",
  ...["blazeface", "facemesh", "iris"].flatMap((name) => [
    `models/${name}.json`,
    `models/${name}.bin`,
  ]),
];

/** Copies it beside what the application serves. */
function finder() {
  const to = inRoot("public", "finder");
  mkdirSync(to, { recursive: true });
  for (const file of FINDER)
    copyFileSync(inRoot("node_modules", "@vladmandic", "human", file), join(to, basename(file)));
}

/** Builds the application if its source is newer than the last build. */
function build() {
  finder();
  const built = inRoot(".next", "threads.cjs");
  const source = Math.max(
    ...["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"].map(
      (path) => newest(inRoot(path)),
    ),
  );
  if (existsSync(built) && statSync(built).mtimeMs >= source) return true;
  console.log("Building (a minute or two)");
  return (
    run(process.execPath, [nextBin(), "build"]) &&
    run(process.execPath, [inRoot("scripts", "threads.mjs")])
  );
}

/** A port nobody listens on; the wished one if it is free. */
function freePort(wish = 0) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(freePort(0)));
    probe.listen(wish, "127.0.0.1", () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Where the application listens: this machine only, unless DERMAGRAPH_HOST says otherwise. Then it asks for a passphrase (src/server/door.ts). */
const host = () => process.env.DERMAGRAPH_HOST || "127.0.0.1";

/** Where it answers from this machine. */
function urlAt(port) {
  const name = ["0.0.0.0", "::", "*"].includes(host()) ? "127.0.0.1" : host();
  return `http://${name.includes(":") ? `[${name}]` : name}:${port}`;
}

/** Starts the built application, as another user if one is named. */
function startServer(port, extra = {}, stdio = "inherit", uid = undefined) {
  return spawn(process.execPath, [nextBin(), "start", "-H", host(), "-p", String(port)], {
    cwd: ROOT,
    stdio,
    uid,
    env: { ...env, DERMAGRAPH_HOST: host(), DERMAGRAPH_URL: urlAt(port), ...extra },
  });
}

/** Ends with the server, and the server with this: whatever way this process is told to end. */
function endTogether(server) {
  server.on("exit", (code) => process.exit(code ?? 0));
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"])
    process.on(signal, () => {
      server.kill("SIGTERM");
      setTimeout(() => server.kill("SIGKILL"), 4000).unref();
    });
  process.on("exit", () => server.kill("SIGKILL"));
}

/** Whether a Dermagraph answers at an address within some seconds. */
async function answers(url, seconds) {
  const until = Date.now() + seconds * 1000;
  do {
    try {
      const response = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(2000) });
      if (response.ok && (await response.json()).ok === true) return true;
    } catch {
      /* not yet */
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  } while (Date.now() < until);
  return false;
}

/** How Debian's Chromium is started: no sandbox (it may run as root), and no calls to the outside. */
const CHROMIUM = {
  executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
  headless: true,
  args: [
    "--headless",
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};

module.exports = {
  ROOT,
  env,
  run,
  nextBin,
  install,
  finder,
  build,
  freePort,
  startServer,
  urlAt,
  endTogether,
  answers,
  CHROMIUM,
};
