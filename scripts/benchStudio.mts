// npm run bench:studio: server times of every main screen in a studio of 5,000 products, 2,000 looks and 100,000 lines of the ledger, the shelf's search in a
// browser, a backup, and which indexes the queries use. Tests never assert a time.
import { chromium } from "@playwright/test";
import Database from "better-sqlite3";
import { cpSync, existsSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { databasePath, openStore, writeBackup } from "../src/store";
import { makeBigStudio } from "./bigStudio";
import { answers, build, freePort, startServer } from "./steps.cjs";

const folder = mkdtempSync(join(tmpdir(), "dermagraph-big-"));
const counts = await makeBigStudio(folder);
console.log(
  `a studio of ${counts.products} products, ${counts.looks} looks, ${counts.movements} lines of the ledger`,
);
if (!build()) process.exit(1);
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const server = startServer(port, { DERMAGRAPH_DATA: folder }, "ignore");
if (!(await answers(url, 60))) throw new Error("the server did not start");

const SCREENS: readonly string[] = process.env.SEARCH_ONLY
  ? []
  : [
      "/",
      "/looks",
      "/looks?find=frost",
      "/calls",
      "/records",
      "/people",
      "/mixing",
      "/shelf",
      "/api/products",
      "/shelf/chalk-white",
      "/shelf/swatches",
      "/shelf/palettes",
      "/shelf/planning",
      "/shelf/costs",
      "/shelf/exchange",
      "/rules",
      "/looks/first-frost/frost-reservoir/brief",
      "/looks/first-frost/frost-reservoir/map",
      "/looks/first-frost/frost-reservoir/colour",
      "/looks/first-frost/frost-reservoir/kit",
      "/looks/first-frost/frost-reservoir/plan",
      "/chair/first-frost/frost-reservoir",
    ];
const quantile = (times: readonly number[], share: number) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))] ??
  NaN;
const ROUNDS = Number(process.env.ROUNDS ?? 60);
/** Milliseconds to the first byte and to the last. */
async function ask(path: string): Promise<[first: number, last: number, bytes: number]> {
  const start = performance.now();
  const response = await fetch(url + path);
  const reader = response.body?.getReader();
  let [first, bytes] = [NaN, 0];
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) break;
    if (Number.isNaN(first)) first = performance.now() - start;
    bytes += part.value.length;
  }
  if (!response.ok) throw new Error(`${path} answered ${response.status}`);
  return [first, performance.now() - start, bytes];
}
const health = Array.from({ length: 30 }, () => ask("/api/health"));
const least = quantile(
  (await Promise.all(health)).map(([, last]) => last),
  0.5,
);
console.log(
  `\n${"screen".padEnd(44)} first asked   p50    p95 ms (whole answer)   kB   times /api/health`,
);
for (const path of SCREENS) {
  const [, cold] = await ask(path);
  const runs: [number, number, number][] = [];
  for (let i = 0; i < ROUNDS; i++) runs.push(await ask(path));
  const last = runs.map(([, time]) => time);
  console.log(
    `${path.padEnd(44)} ${cold.toFixed(0).padStart(8)} ${quantile(last, 0.5).toFixed(0).padStart(8)} ${quantile(last, 0.95).toFixed(0).padStart(6)}${quantile(last, 0.95) > 100 ? " !" : "  "} ${((runs[0]?.[2] ?? 0) / 1000).toFixed(0).padStart(20)} ${(quantile(last, 0.5) / least).toFixed(1).padStart(8)}x`,
  );
}

if (existsSync("/usr/bin/chromium")) {
  const browser = await chromium.launch({
    executablePath: "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu"],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/shelf`, { waitUntil: "networkidle" });
  await page.getByText(`${counts.products} of ${counts.products} products`).waitFor();
  const letters = ["m", "mo", "mos", "moss", "moss 4", "moss 41", "", "grey", "chalk 12", "zz"];
  const toFrame = (selector: string, value: string) =>
    page.evaluate(
      ([where, text]) =>
        new Promise<number>((resolve) => {
          const input = document.querySelector<HTMLInputElement>(where ?? "");
          const own = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value");
          requestAnimationFrame(() => {
            const start = performance.now();
            own?.set?.call(input, text);
            input?.dispatchEvent(new Event("input", { bubbles: true }));
            requestAnimationFrame(() => {
              const channel = new MessageChannel();
              channel.port1.onmessage = () => resolve(performance.now() - start);
              channel.port2.postMessage(null);
            });
          });
        }),
      [selector, value],
    );
  const settled = (text: string) =>
    page.waitForFunction((value) => {
      const rows = [...document.querySelectorAll("tbody tr")];
      return (
        rows.length === 0 ||
        rows.every((row) =>
          value.split(" ").every((word) => row.textContent.toLowerCase().includes(word)),
        )
      );
    }, text);
  const times: number[] = [];
  const rows: number[] = [];
  for (const text of letters) {
    const start = performance.now();
    times.push(await toFrame('input[type="search"]', text));
    await settled(text.replace(/ \d+$/, ""));
    rows.push(performance.now() - start);
  }
  await page.evaluate(() => {
    document.body.append(Object.assign(document.createElement("input"), { id: "idle" }));
  });
  const idle: number[] = [];
  for (const text of letters) idle.push(await toFrame("#idle", text));
  console.log(
    `\nshelf search among ${counts.products}: from a letter to its frame, median ${quantile(times, 0.5).toFixed(0)} ms, slowest ${Math.max(...times).toFixed(0)} ms; to its rows, median ${quantile(rows, 0.5).toFixed(0)} ms; a letter in a field nobody listens to, ${quantile(idle, 0.5).toFixed(0)} ms (${(quantile(times, 0.5) / quantile(idle, 0.5)).toFixed(1)}x)`,
  );
  await browser.close();
}
server.kill();

{
  const db = await openStore(folder);
  const copy = join(folder, "backup.db");
  const start = performance.now();
  await writeBackup(db, copy);
  const time = performance.now() - start;
  const plain = performance.now();
  cpSync(databasePath(folder), join(folder, "plain.db"));
  console.log(
    `\nbackup while open: ${(time / 1000).toFixed(2)} s (a plain copy of the file takes ${((performance.now() - plain) / 1000).toFixed(2)} s)`,
  );
  await db.destroy();
}
{
  const db = new Database(databasePath(folder), { readonly: true });
  const QUERIES: readonly [string, string][] = [
    ["stock of every product", "SELECT product_id, SUM(delta) FROM movement GROUP BY product_id"],
    ["one product's ledger", "SELECT * FROM movement WHERE product_id = 'moss' ORDER BY id"],
    [
      "a season",
      "SELECT * FROM movement WHERE on_date >= '2026-01-01' AND on_date <= '2026-06-30'",
    ],
    ["what a job used", "SELECT * FROM movement WHERE job_id = 'x' ORDER BY id"],
    ["what fills a palette", "SELECT * FROM movement WHERE tray_id = 'x' ORDER BY id"],
    ["jobs of a look", "SELECT * FROM job WHERE archived = 0 AND look_id = 'x'"],
    ["jobs of a person", "SELECT * FROM job WHERE archived = 0 AND person_id = 'x'"],
    [
      "looks, newest first",
      "SELECT id, version, updated_at FROM look WHERE archived = 0 ORDER BY updated_at DESC LIMIT 24",
    ],
    [
      "products as they stand",
      "SELECT id, version FROM product WHERE archived = 0 ORDER BY created_at, id",
    ],
  ];
  console.log("\nEXPLAIN QUERY PLAN");
  for (const [what, sql] of QUERIES)
    console.log(
      `  ${what.padEnd(26)} ${(db.prepare(`EXPLAIN QUERY PLAN ${sql}`).all() as { detail: string }[]).map(({ detail }) => detail).join("; ")}`,
    );
  db.close();
}
rmSync(folder, { recursive: true, force: true });
