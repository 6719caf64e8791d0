// What a process that is killed leaves behind: kills it in the middle of saving, of a first start, of an upgrade, of a restore and of bringing in a studio, and
// looks at the studio afterwards. `npm run endure` runs all of it; the browser tests run a shorter form. Bounded, seeded, counted.
import Database from "better-sqlite3";
import type { ChildProcess } from "node:child_process";
import { cpSync, existsSync, mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Migration } from "kysely";
import { seededRandom } from "../src/core/random";
import { openStore } from "../src/store/database";
import { MIGRATIONS } from "../src/store/migrations";
import { answers, freePort, startServer } from "./steps.cjs";

/** How many kills of each kind; of upgrades for each earlier schema. */
export interface Kills {
  readonly saving: number;
  readonly firstStart: number;
  readonly upgrade: number;
  /** Which earlier schemas, by how many migrations they had; all where none is named. */
  readonly schemas?: readonly number[];
  readonly restore: number;
  readonly bringIn: number;
}

export interface Endured {
  readonly what: string;
  readonly kills: number;
  /** Saves that were acknowledged and are not there. */
  readonly lost: number;
  readonly unstartable: number;
  /** Studios that are neither the old one nor the new one. */
  readonly mixed: number;
  /** How many of the kills found the new state there, for a feeling of where they fell. */
  readonly done: number;
}

const fileIn = (folder: string) => join(folder, "studio.db");
const newFolder = () => mkdtempSync(join(tmpdir(), "dermagraph-endure-"));
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

function killed(server: ChildProcess): Promise<void> {
  if (server.exitCode !== null || server.signalCode !== null) return Promise.resolve();
  const gone = new Promise<void>((resolve) => server.once("exit", () => resolve()));
  server.kill("SIGKILL");
  return gone;
}

interface Running {
  readonly url: string;
  readonly server: ChildProcess;
}

/** Starts on a folder; null where it answers nothing or is in trouble. */
async function started(folder: string, isDemo = false): Promise<Running | null> {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const extra = { DERMAGRAPH_DATA: folder, ...(isDemo && { DERMAGRAPH_DEMO: "1" }) };
  const server = startServer(port, extra, "ignore");
  if (await answers(url, 40)) return { url, server };
  await killed(server);
  return null;
}

/** Rows of every table of a closed or open studio. */
function countsIn(folder: string): Record<string, number> {
  const db = new Database(fileIn(folder), { readonly: true });
  const tables = db
    .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'kysely_%'")
    .all() as { name: string }[];
  const counts = tables.map(({ name }) => {
    const { n } = db.prepare(`SELECT count(*) AS n FROM "${name}"`).get() as { n: number };
    return [name, n] as const;
  });
  db.close();
  return Object.fromEntries(counts.filter(([, n]) => n > 0));
}
const sameCounts = (a: object, b: object) =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());

function lookIn(folder: string, id: string): { version: number; design: { notes: string } } {
  const db = new Database(fileIn(folder), { readonly: true });
  const row = db.prepare("SELECT version, design FROM look WHERE id = ?").get(id) as {
    version: number;
    design: string;
  };
  db.close();
  return { version: row.version, design: JSON.parse(row.design) as { notes: string } };
}

const send = (url: string, method: string, type: string, body: Uint8Array | string) =>
  fetch(url, { method, headers: { "content-type": type }, body: body as BodyInit }).catch(
    () => null,
  );

type Random = () => number;

async function inSaving(kills: number, random: Random): Promise<Endured> {
  const folder = newFolder();
  let running = await started(folder, true);
  let [lost, unstartable, done] = [0, 0, 0];
  for (let i = 0; i < kills && running; i++) {
    const { url, server } = running;
    let { version, design } = lookIn(folder, "first-frost");
    const over = new AbortController();
    const killing = pause(20 + random() * 260)
      .then(() => killed(server))
      .finally(() => over.abort());
    while (!over.signal.aborted) {
      const next = { ...design, notes: `kill ${i}, after version ${version}` };
      const body = JSON.stringify({ version, design: next });
      const answer = await send(`${url}/api/looks/first-frost`, "PUT", "application/json", body);
      if (!answer?.ok) break;
      const said = (await answer.json().catch(() => null)) as { version: number } | null;
      if (!said) break;
      version = said.version;
      design = next;
    }
    await killing;
    running = await started(folder);
    if (!running) unstartable++;
    else {
      const kept = lookIn(folder, "first-frost");
      // The one on its way may have landed without being acknowledged.
      if (kept.version < version) lost++;
      else if (kept.version === version && kept.design.notes !== design.notes) lost++;
      else if (kept.version > version) done++;
    }
  }
  if (running) await killed(running.server);
  rmSync(folder, { recursive: true, force: true });
  return { what: "autosaves", kills, lost, unstartable, mixed: 0, done };
}

/** Starts, kills after a while, starts again, and looks. */
async function cutStart(
  folder: string,
  o: { isDemo: boolean; after: number },
): Promise<Record<string, number> | null> {
  const port = await freePort();
  const extra = { DERMAGRAPH_DATA: folder, ...(o.isDemo && { DERMAGRAPH_DEMO: "1" }) };
  const server = startServer(port, extra, "ignore");
  await pause(o.after);
  await killed(server);
  const again = await started(folder, o.isDemo);
  if (!again) return null;
  // The demo comes in after the door is open.
  for (let tries = 0; o.isDemo && tries < 100 && !countsIn(folder).record; tries++)
    await pause(100);
  await killed(again.server);
  return countsIn(folder);
}

async function inFirstStart(kills: number, random: Random): Promise<Endured> {
  let [unstartable, mixed, done] = [0, 0, 0];
  let whole: Record<string, number> | null = null;
  for (let i = 0; i <= kills; i++) {
    const folder = newFolder();
    // The first is not cut: what the others are compared with.
    const counts = await cutStart(folder, {
      isDemo: true,
      after: i ? 300 + random() * 1500 : 6000,
    });
    if (!counts) unstartable++;
    else if (!whole) whole = counts;
    else if (!sameCounts(counts, whole)) mixed++;
    else done++;
    rmSync(folder, { recursive: true, force: true });
  }
  return { what: "first start", kills, lost: 0, unstartable, mixed, done };
}

const NAMES = Object.keys(MIGRATIONS).sort();
/** How many migrations each earlier schema had. */
export const EARLIER: readonly number[] = NAMES.slice(1).map((_, i) => i + 1);

/** A studio as an earlier Dermagraph left it, with some people in it. */
async function earlier(schema: number): Promise<string> {
  const folder = newFolder();
  const been = NAMES.slice(0, schema).map((name): [string, Migration] => [
    name,
    MIGRATIONS[name] as Migration,
  ]);
  await (await openStore(folder, Object.fromEntries(been))).destroy();
  const db = new Database(fileIn(folder));
  const add = db.prepare(
    "INSERT INTO person (id, version, archived, fields, created_at, updated_at) VALUES (?, 1, 0, ?, '2026', '2026')",
  );
  db.transaction(() => {
    for (let i = 0; i < 3000; i++) add.run(`person-${i}`, JSON.stringify({ name: `Person ${i}` }));
  })();
  db.close();
  return folder;
}

async function inUpgrade(kills: number, schema: number, random: Random): Promise<Endured> {
  const before = await earlier(schema);
  let [lost, unstartable, mixed, done] = [0, 0, 0, 0];
  for (let i = 0; i < kills; i++) {
    const folder = newFolder();
    cpSync(before, folder, { recursive: true });
    const counts = await cutStart(folder, { isDemo: false, after: 250 + random() * 700 });
    if (!counts) unstartable++;
    else if (counts.person !== 3000) lost++;
    else if (existsSync(`${fileIn(folder)}.healed`)) mixed++;
    else done++;
    rmSync(folder, { recursive: true, force: true });
  }
  rmSync(before, { recursive: true, force: true });
  return { what: `upgrade from ${NAMES[schema - 1] ?? ""}`, kills, lost, unstartable, mixed, done };
}

/** Sends something to a studio and kills it meanwhile: afterwards it is as before or as after, nothing between. */
async function inChange(
  what: string,
  kills: number,
  random: Random,
  o: {
    readonly from: string;
    readonly act: (url: string) => Promise<Response | null>;
    readonly longest: number;
  },
): Promise<Endured> {
  const old = countsIn(o.from);
  let [unstartable, mixed, done] = [0, 0, 0];
  let next: Record<string, number> | null = null;
  for (let i = 0; i <= kills; i++) {
    const folder = newFolder();
    cpSync(o.from, folder, { recursive: true });
    const running = await started(folder);
    if (running) {
      const asked = o.act(running.url);
      if (i) await pause(random() * o.longest);
      // Let whole once: what the others are compared with.
      else await (await asked)?.text();
      await killed(running.server);
      await asked;
    }
    const again = running && (await started(folder));
    if (again) await killed(again.server);
    const counts = again && countsIn(folder);
    if (!counts) unstartable++;
    else if (!next) next = counts;
    else if (sameCounts(counts, next)) done++;
    else if (!sameCounts(counts, old)) mixed++;
    const rest = readdirSync(folder).filter((name) => name.startsWith("studio.db."));
    if (rest.length) mixed++;
    rmSync(folder, { recursive: true, force: true });
  }
  return { what, kills, lost: 0, unstartable, mixed, done };
}

/** Two studios and what the one hands on: as a backup and in open formats. */
async function twoStudios() {
  const [full, empty] = [newFolder(), newFolder()];
  const running = await started(full, true);
  if (!running) throw new Error("the demo did not start");
  for (let tries = 0; tries < 100 && !countsIn(full).record; tries++) await pause(100);
  const take = async (path: string) =>
    new Uint8Array(await (await fetch(running.url + path)).arrayBuffer());
  const [backup, zip] = [await take("/api/exchange/backup"), await take("/api/exchange/studio")];
  await killed(running.server);
  await (await openStore(empty)).destroy();
  return { full, empty, backup, zip };
}

/** Runs all of it; `tell` hears each kind as it is over. */
export async function endure(
  kills: Kills,
  seed: number,
  tell: (endured: Endured) => void = () => undefined,
): Promise<Endured[]> {
  const random = seededRandom(seed);
  const all: Endured[] = [];
  const add = async (endured: Promise<Endured>) => {
    all.push(await endured);
    tell(all.at(-1) as Endured);
  };
  await add(inSaving(kills.saving, random));
  await add(inFirstStart(kills.firstStart, random));
  for (const schema of kills.schemas ?? EARLIER)
    if (kills.upgrade > 0) await add(inUpgrade(kills.upgrade, schema, random));
  const { full, empty, backup, zip } = await twoStudios();
  await add(
    inChange("restore", kills.restore, random, {
      from: empty,
      longest: 900,
      act: (url) => send(`${url}/api/exchange/backup`, "PUT", "application/vnd.sqlite3", backup),
    }),
  );
  await add(
    inChange("a studio brought in", kills.bringIn, random, {
      from: empty,
      longest: 1200,
      act: (url) => send(`${url}/api/exchange/studio`, "POST", "application/zip", zip),
    }),
  );
  for (const folder of [full, empty]) rmSync(folder, { recursive: true, force: true });
  return all;
}

export const isFaultless = ({ lost, unstartable, mixed }: Endured): boolean =>
  lost + unstartable + mixed === 0;

/** A line for each kind. */
export const enduredWords = (endured: Endured): string =>
  `${endured.what.padEnd(44)} ${String(endured.kills).padStart(4)} kills: ` +
  `acknowledged lost ${endured.lost}, unstartable ${endured.unstartable}, mixed ${endured.mixed}` +
  ` (${endured.done} found the new state)`;
