// npm run bench:weight: whether what is heavy keeps anybody waiting. A hostile archive and a hostile table are sent while the studio is asked how it is; then
// planning of 50, 200 and 900 jobs without a day: when the first answer comes, when the last, and how others fare meanwhile. Tests never assert a time.
import Database from "better-sqlite3";
import { strToU8, zipSync } from "fflate";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { answers, build, freePort, startServer } from "./steps.cjs";

if (!build()) process.exit(1);
// All is made before anything is asked: making it keeps this process busy for seconds.
const manifest = strToU8(
  JSON.stringify({ format: "dermagraph studio", version: 1, written: "2026" }),
);
const row = (i: number) => `{"id":"p-${i}","fields":{"name":"${"x".repeat(40)}","skin":${i}}}`;
const rows = (count: number) =>
  strToU8(`[${Array.from({ length: count }, (_, i) => row(i)).join(",")}]`);
const bomb = zipSync(
  { "studio.json": manifest, "people.json": new Uint8Array(600_000_000).fill(32) },
  { level: 9 },
);
const many = zipSync({ "studio.json": manifest, "people.json": rows(590_000) }, { level: 9 });
const wide = strToU8(`name,kind${",x".repeat(100)}\n${"a,".repeat(5_900_000)}`);
const quotes = strToU8(`name,kind,colour\n${'"'.repeat(11_000_000)}`);
const full = strToU8(
  `name,kind,colour,size g\n${Array.from({ length: 20_000 }, (_, i) => `Lot ${i},waterGlycerine,#80${(i % 9999).toString().padStart(4, "0")},30\n`).join("")}`,
);
const folder = mkdtempSync(join(tmpdir(), "dermagraph-weight-"));
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const start = () => startServer(port, { DERMAGRAPH_DATA: folder, DERMAGRAPH_DEMO: "1" }, "ignore");
let server = start();
if (!(await answers(url, 60))) throw new Error("the server did not start");
await new Promise((resolve) => setTimeout(resolve, 1500));

/** How long others wait while something is done, milliseconds: the median and the longest. */
async function meanwhile(
  act: Promise<unknown>,
): Promise<{ p50: number; most: number; asked: number }> {
  const over = new AbortController();
  void act.finally(() => over.abort());
  const waits: number[] = [];
  while (!over.signal.aborted) {
    const from = performance.now();
    await (await fetch(`${url}/api/health`)).text();
    waits.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  waits.sort((a, b) => a - b);
  return { p50: waits[waits.length >> 1] ?? NaN, most: waits.at(-1) ?? NaN, asked: waits.length };
}
const post = async (path: string, type: string, body: Uint8Array) => {
  const response = await fetch(url + path, {
    method: "POST",
    headers: { "content-type": type },
    body: body as BodyInit,
  });
  return (await response.text()).slice(-220);
};
const ms = (value: number) => value.toFixed(0).padStart(6);
async function sent(what: string, act: Promise<string>): Promise<void> {
  const from = performance.now();
  const { p50, most, asked } = await meanwhile(act);
  const took = performance.now() - from;
  console.log(
    `${what.padEnd(52)} took ${ms(took)} ms; /api/health ${asked} times: median ${ms(p50)}, longest ${ms(most)} ms`,
  );
  console.log(`    ${(await act).trim().slice(-160)}`);
}

const idle = new Promise((resolve) => setTimeout(resolve, 1000));
const quiet = await meanwhile(idle);
console.log(`at rest: /api/health median ${ms(quiet.p50)}, longest ${ms(quiet.most)} ms\n`);

await sent(
  `archive of ${Math.round(bomb.length / 1000)} kB that unpacks to 600 MB`,
  post("/api/exchange/studio/preview", "application/zip", bomb),
);
await sent(
  `archive of ${Math.round(many.length / 1000)} kB with 590,000 rows, none of them any good`,
  post("/api/exchange/studio/preview", "application/zip", many),
);
await sent("table of 12 MB, all of it commas", post("/api/exchange/kit/preview", "text/csv", wide));
await sent(
  "table of 11 MB, all of it quotes",
  post("/api/exchange/kit/preview", "text/csv", quotes),
);
await sent("table of 20,000 good rows", post("/api/exchange/kit/preview", "text/csv", full));

console.log("");
for (const count of [50, 200, 900]) {
  server.kill("SIGKILL");
  const db = new Database(join(folder, "studio.db"));
  const add = db.prepare(
    "INSERT OR IGNORE INTO job (id, version, archived, look_id, person_id, brief, curtain_at, created_at, updated_at) SELECT ?, 1, 0, look_id, person_id, json_set(brief, '$.curtainAt', NULL), NULL, '2026', '2026' FROM job WHERE id = ?",
  );
  const own = db.prepare("SELECT id FROM job WHERE id NOT LIKE 'extra-%'").all() as {
    id: string;
  }[];
  for (let i = 0; i < count; i++) add.run(`extra-${i}`, own[i % own.length]?.id);
  db.close();
  server = start();
  if (!(await answers(url, 60))) throw new Error("the server did not start");
  const page = performance.now();
  await (await fetch(`${url}/shelf/planning`)).text();
  const shown = performance.now() - page;
  const ids = Array.from({ length: count }, (_, i) => `extra-${i}`);
  let [first, last] = [NaN, NaN];
  const plan = async () => {
    const from = performance.now();
    const response = await fetch(`${url}/api/planning`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ jobIds: ids }),
    });
    const reader = response.body?.getReader();
    for (;;) {
      const part = await reader?.read();
      if (!part || part.done) break;
      if (Number.isNaN(first)) first = performance.now() - from;
    }
    last = performance.now() - from;
  };
  const { p50, most } = await meanwhile(plan());
  console.log(
    `planning of ${String(count).padStart(3)} jobs: page ${ms(shown)} ms, first job ${ms(first)} ms, all ${ms(last)} ms; /api/health median ${ms(p50)}, longest ${ms(most)} ms`,
  );
}
server.kill("SIGKILL");
rmSync(folder, { recursive: true, force: true });
process.exit(0);
