import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { countLooks, listMovements, listProducts, stockLevels } from "@/store";
import { loadDemoWhenEmpty } from "./demo";
import {
  backup,
  importKit,
  inspect,
  kitFile,
  matchPalette,
  paletteFile,
  previewKit,
  restore,
} from "./exchange";
import { archiveLook } from "./looks";
import { Problem } from "./problem";
import { archiveProduct, move } from "./shelf";
import { studio, today } from "./studio";

const folder = mkdtempSync(join(tmpdir(), "dermagraph-exchange-"));
process.env.DERMAGRAPH_DATA = folder;
// Whole files are copied, checked and put in place again.
jest.setTimeout(60_000);
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const bytes = (text: string) => new TextEncoder().encode(text);
const statusOf = (act: Promise<unknown>) =>
  act.then(
    () => 200,
    (error: unknown) => (error instanceof Problem ? error.document.status : 500),
  );
const problemOf = (act: Promise<unknown>) =>
  act.then(
    () => "",
    (error: unknown) => (error instanceof Problem ? (error.document.detail ?? "") : String(error)),
  );

describe("the kit in and out", () => {
  it("goes out with what is left, and coming in again brings nothing: import twice is import once", async () => {
    const { body } = await kitFile({ dialect: "semicolon" });
    const before = (await listProducts(await studio())).length;
    expect(await previewKit(bytes(body))).toMatchObject({ fresh: [], rejected: [] });
    expect(await importKit(bytes(body))).toMatchObject({ added: 0, rejected: 0 });
    expect(await listProducts(await studio())).toHaveLength(before);
  });
  it("shows what would come, writes nothing until it is told to, and then all of it with its grams", async () => {
    const table =
      "name,kind,colour,size g,left g\nLichen,waterGlycerine,#8a9a5b,30,12.5\nNo colour,cream,,10,10\nChalk white,waterGlycerine,#f3f2ec,45,3\n";
    const own = table.replace("Chalk white,waterGlycerine", "Chalk white,water-based colour");
    const preview = await previewKit(bytes(table));
    expect(preview.fresh.map(({ name }) => name)).toContain("Lichen");
    expect(preview.rejected).toEqual([
      { line: 3, name: "No colour", why: [expect.stringContaining("colour")] },
    ]);
    const count = (await listProducts(await studio())).length;
    expect(await importKit(bytes(table))).toMatchObject({ rejected: 1 });
    const lichen = (await listProducts(await studio())).find(({ name }) => name === "Lichen");
    expect(
      (await listMovements(await studio(), lichen?.id ?? "")).map(({ kind, delta }) => [
        kind,
        delta,
      ]),
    ).toEqual([["bought", 12.5]]);
    expect((await listProducts(await studio())).length).toBeGreaterThan(count);
    expect(await importKit(bytes(table))).toMatchObject({ added: 0 });
    expect(own).not.toBe(table);
  });
  it("knows a product that was put away, and refuses what is no table", async () => {
    const lichen = (await listProducts(await studio())).find(({ name }) => name === "Lichen");
    await archiveProduct(lichen?.id ?? "", true);
    expect(
      await importKit(bytes("name,kind,colour,size g\nLichen,waterGlycerine,#8a9a5b,30\n")),
    ).toMatchObject({ added: 0, known: 1 });
    expect(await statusOf(previewKit(bytes("nothing of the kind")))).toBe(400);
    expect(await statusOf(kitFile({ dialect: "roman" }))).toBe(400);
  });
});

describe("palettes", () => {
  it("go out with every paint, and come back each nearest to itself", async () => {
    const { body } = await paletteFile();
    const { matches, rejected } = await matchPalette(bytes(body));
    expect(rejected).toEqual([]);
    expect(matches.length).toBeGreaterThan(25);
    for (const { nearest } of matches) expect(nearest?.dE ?? 99).toBeLessThan(3);
    expect(matches.filter(({ nearest }) => nearest?.dE === 0).length).toBeGreaterThan(25);
    expect(await statusOf(matchPalette(bytes("RIFF")))).toBe(400);
  });
});

describe("backup and restore", () => {
  it("puts everything back over a changed studio, keeps what was there, and is a file that SQLite finds whole", async () => {
    const { body } = await backup();
    const file = join(folder, "check.db");
    writeFileSync(file, body);
    const verdict = spawnSync(
      process.execPath,
      [
        "-e",
        "const D = require('better-sqlite3'); const db = new D(process.argv[1], { readonly: true }); console.log(db.pragma('integrity_check', { simple: true }), db.prepare('SELECT count(*) AS n FROM look').get().n)",
        file,
      ],
      { cwd: process.cwd() },
    )
      .stdout.toString()
      .trim();
    expect(verdict).toBe("ok 8");
    const stock = await stockLevels(await studio());

    await archiveLook("fog", true);
    await move("chalk-white", { kind: "used", grams: 7, on: today(), note: "after the backup" });
    const asked = await inspect(body);
    expect(asked.now.movement).toBe((asked.backup.movement ?? 0) + 1);
    expect(await countLooks(await studio())).toBe(7);

    const { counts, kept } = await restore(body);
    expect(counts).toEqual(asked.backup);
    expect(await countLooks(await studio())).toBe(8);
    expect(await stockLevels(await studio())).toEqual(stock);
    // What it replaced is there, and is the changed one.
    expect(readdirSync(join(folder, "backups"))).toContain(kept);
    expect(
      (await inspect(new Uint8Array(readFileSync(join(folder, "backups", kept))))).backup.movement,
    ).toBe(asked.now.movement);
    // The restored studio is written to like any other.
    expect(
      await move("chalk-white", { kind: "used", grams: 1, on: today(), note: "" }),
    ).toMatchObject({ left: (stock.get("chalk-white") ?? 0) - 1 });
  });
  it("refuses what is no studio, damaged, empty or newer, and leaves everything as it was", async () => {
    const { body } = await backup();
    const before = await stockLevels(await studio());
    expect(await problemOf(restore(new Uint8Array()))).toContain("is empty");
    expect(await problemOf(restore(bytes("not a database at all")))).toContain("no database");
    const broken = body.slice();
    broken.fill(7, 4096, Math.min(broken.length, 40_000));
    expect(await statusOf(restore(broken))).toBe(400);
    expect(await statusOf(restore(body.slice(0, Math.floor(body.length / 2))))).toBe(400);
    const newer = join(folder, "newer.db");
    writeFileSync(newer, body);
    spawnSync(
      process.execPath,
      [
        "-e",
        "const D = require('better-sqlite3'); new D(process.argv[1]).prepare(\"INSERT INTO kysely_migration (name, timestamp) VALUES ('999-later', '2030')\").run()",
        newer,
      ],
      { cwd: process.cwd() },
    );
    expect(await problemOf(restore(new Uint8Array(readFileSync(newer))))).toContain(
      "newer Dermagraph",
    );
    expect(await stockLevels(await studio())).toEqual(before);
    expect(
      readdirSync(join(folder, "backups")).filter((name) => name.startsWith("incoming")),
    ).toEqual([]);
  });
});
