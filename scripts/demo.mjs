// npm run demo: installs, builds, loads the invented Weather Court into an empty studio, starts, and prints the address.
// npm run demo -- --fresh: starts the demo over; the old file is kept beside it.
import { existsSync, mkdirSync, renameSync } from "node:fs";
import { homedir } from "node:os";
import { join } from "node:path";
import { answers, build, endTogether, freePort, install, startServer, urlAt } from "./steps.cjs";

const folder =
  process.env.DERMAGRAPH_DATA ||
  join(process.env.XDG_DATA_HOME || join(homedir(), ".local", "share"), "dermagraph");
const wish = Number(process.env.DERMAGRAPH_PORT ?? 4310);
const fresh = process.argv.includes("--fresh");

if (await answers(urlAt(wish), 0)) {
  if (fresh) {
    console.error(
      "A Dermagraph is running on this studio. Stop it first, then run the demo afresh.",
    );
    process.exit(1);
  }
  console.log(`\nDermagraph is already running at ${urlAt(wish)}\n`);
  process.exit(0);
}
if (!install() || !build()) process.exit(1);

if (fresh) {
  const stamp = new Date().toISOString().replace(/[:.]/g, "-");
  mkdirSync(join(folder, "backups"), { recursive: true });
  for (const ending of ["", "-wal", "-shm"]) {
    const file = join(folder, `studio.db${ending}`);
    if (existsSync(file)) renameSync(file, join(folder, "backups", `studio-${stamp}.db${ending}`));
  }
}

const port = await freePort(wish);
const server = startServer(port, { DERMAGRAPH_DATA: folder, DERMAGRAPH_DEMO: "1" });
endTogether(server);
if (!(await answers(urlAt(port), 60))) {
  console.error("Dermagraph did not start; the lines above say why.");
  server.kill();
  process.exit(1);
}
console.log(
  `\nDermagraph is at ${urlAt(port)}\nThe studio is kept in ${folder}. Ctrl-C stops it.\n`,
);
