import Database from "better-sqlite3";
import type { Migration } from "kysely";
import { spawnSync } from "node:child_process";
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import {
  contentOf,
  countLooks,
  listMovements,
  listProducts,
  openStore,
  stockLevels,
} from "@/store";
import { MIGRATIONS } from "@/store/migrations";
import { loadDemoWhenEmpty } from "./demo";
import {
  backup,
  copies,
  deleteCopy,
  deleteEverything,
  importKit,
  inspect,
  kitFile,
  matchColourFile,
  colourFile,
  previewKit,
  restore,
} from "./exchange";
import { archiveLook } from "./looks";
import { Problem, type Incoming } from "./problem";
import { archiveProduct, move } from "./shelf";
import { studio, today } from "./studio";
import { nobody, sent, statusOf } from "./testing";

const folder = mkdtempSync(join(tmpdir(), "dermagraph-exchange-"));
process.env.DERMAGRAPH_DATA = folder;
// Whole files are copied, checked and put in place again.
jest.setTimeout(60_000);
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const bytes = (text: string) => new TextEncoder().encode(text);
const problemOf = (act: Promise<unknown>) =>
  act.then(
    () => "",
    (error: unknown) => (error instanceof Problem ? (error.document.detail ?? "") : String(error)),
  );

describe("the kit in and out", () => {
  it("goes out with what is left, and coming in again brings nothing: import twice is import once", async () => {
    const { body } = await kitFile({ dialect: "semicolon" });
    const before = (await listProducts(await studio())).length;
    expect(await previewKit(sent(bytes(body)), nobody())).toMatchObject({
      fresh: [],
      rejected: [],
    });
    expect(await importKit(sent(bytes(body)), nobody())).toMatchObject({ added: 0, rejected: 0 });
    expect(await listProducts(await studio())).toHaveLength(before);
  });
  it("shows what would come, writes nothing until it is told to, and then all of it with its grams", async () => {
    const table =
      "name,kind,colour,size g,left g\nLichen,waterGlycerine,#8a9a5b,30,12.5\nNo colour,cream,,10,10\nChalk white,waterGlycerine,#f3f2ec,45,3\n";
    const own = table.replace("Chalk white,waterGlycerine", "Chalk white,water-based colour");
    const preview = await previewKit(sent(bytes(table)), nobody());
    expect(preview.fresh.map(({ name }) => name)).toContain("Lichen");
    expect(preview.rejected).toEqual([
      { line: 3, name: "No colour", why: [expect.stringContaining("colour")] },
    ]);
    const count = (await listProducts(await studio())).length;
    expect(await importKit(sent(bytes(table)), nobody())).toMatchObject({ rejected: 1 });
    const lichen = (await listProducts(await studio())).find(({ name }) => name === "Lichen");
    expect(
      (await listMovements(await studio(), lichen?.id ?? "")).map(({ kind, delta }) => [
        kind,
        delta,
      ]),
    ).toEqual([["bought", 12.5]]);
    expect((await listProducts(await studio())).length).toBeGreaterThan(count);
    expect(await importKit(sent(bytes(table)), nobody())).toMatchObject({ added: 0 });
    expect(own).not.toBe(table);
  });
  it("knows a product that was put away, and refuses what is no table", async () => {
    const lichen = (await listProducts(await studio())).find(({ name }) => name === "Lichen");
    await archiveProduct(lichen?.id ?? "", true);
    expect(
      await importKit(
        sent(bytes("name,kind,colour,size g\nLichen,waterGlycerine,#8a9a5b,30\n")),
        nobody(),
      ),
    ).toMatchObject({ added: 0, known: 1 });
    expect(await statusOf(previewKit(sent(bytes("nothing of the kind")), nobody()))).toBe(400);
    expect(await statusOf(kitFile({ dialect: "roman" }))).toBe(400);
  });
});

describe("palettes", () => {
  it("go out with every paint, and come back each nearest to itself", async () => {
    const { body } = await colourFile();
    const { matches, rejected } = await matchColourFile(sent(bytes(body)));
    expect(rejected).toEqual([]);
    expect(matches.length).toBeGreaterThan(25);
    for (const { nearest } of matches) expect(nearest?.dE ?? 99).toBeLessThan(3);
    expect(matches.filter(({ nearest }) => nearest?.dE === 0).length).toBeGreaterThan(25);
    expect(await statusOf(matchColourFile(sent(bytes("RIFF"))))).toBe(400);
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
    expect(verdict).toBe("ok 10");
    const stock = await stockLevels(await studio());

    await archiveLook("fog", true);
    await move("chalk-white", { kind: "used", grams: 7, on: today(), note: "after the backup" });
    const asked = await inspect(sent(body));
    expect(asked.now.movement).toBe((asked.backup.movement ?? 0) + 1);
    expect(await countLooks(await studio())).toBe(9);

    const { counts, kept } = await restore(sent(body));
    expect(counts).toEqual(asked.backup);
    expect(await countLooks(await studio())).toBe(10);
    expect(await stockLevels(await studio())).toEqual(stock);
    // What it replaced is there, and is the changed one.
    expect(readdirSync(join(folder, "backups"))).toContain(kept);
    expect((await inspect(sent(readFileSync(join(folder, "backups", kept))))).backup.movement).toBe(
      asked.now.movement,
    );
    // The restored studio is written to like any other.
    expect(
      await move("chalk-white", { kind: "used", grams: 1, on: today(), note: "" }),
    ).toMatchObject({ left: (stock.get("chalk-white") ?? 0) - 1 });
  });
  const changed = (body: Uint8Array, change: (file: Database.Database) => void): Uint8Array => {
    const file = join(folder, "changed.db");
    writeFileSync(file, body);
    const open = new Database(file);
    change(open);
    open.pragma("journal_mode = DELETE");
    open.close();
    return new Uint8Array(readFileSync(file));
  };
  const run = (text: string) => (body: Uint8Array) => changed(body, (file) => file.exec(text));
  const another = (): Uint8Array => {
    const file = new Database(":memory:");
    file.exec("CREATE TABLE notes (id INTEGER PRIMARY KEY, text TEXT)");
    const whole = new Uint8Array(file.serialize());
    file.close();
    return whole;
  };
  const BAD: Readonly<Record<string, [make: (body: Uint8Array) => Uint8Array, says: RegExp]>> = {
    garbage: [() => bytes("not a database at all"), /no database, or a damaged one/],
    "an empty file": [() => new Uint8Array(), /the file is empty/],
    "half a file": [(body) => body.slice(0, body.length / 2), /damaged/],
    "a damaged page": [
      (body) => {
        const broken = body.slice();
        broken.fill(7, 4096, 40_000);
        return broken;
      },
      /damaged/,
    ],
    "a newer studio": [
      run("INSERT INTO kysely_migration (name, timestamp) VALUES ('999-later', '2030')"),
      /newer Dermagraph \(999-later\)/,
    ],
    "another program's file": [another, /no studio of Dermagraph/],
    "a table missing": [run("DROP TABLE chair_event"), /table chair_event is missing/],
    "a column missing": [
      run("ALTER TABLE movement DROP COLUMN batch"),
      /table movement in it is built otherwise/,
    ],
    "the record of a migration missing": [
      run("DELETE FROM kysely_migration WHERE name LIKE '004%'"),
      /record of migration 004.* is missing/,
    ],
    "the last record missing": [
      run("DELETE FROM kysely_migration WHERE name = (SELECT max(name) FROM kysely_migration)"),
      /none of Dermagraph's/,
    ],
    "a row that no longer parses": [
      run("UPDATE person SET fields = json_set(fields, '$.skin', 7) WHERE id = 'nomi-tarrow'"),
      /number \d+ of its people can't be read/,
    ],
    "a row that is not JSON": [
      run(
        "PRAGMA ignore_check_constraints = ON; UPDATE record SET fields = '{' WHERE id = (SELECT id FROM record LIMIT 1)",
      ),
      /among its records can't be read/,
    ],
    "a trigger of somebody else's": [
      run("CREATE TRIGGER theirs AFTER UPDATE ON person BEGIN DELETE FROM look; END"),
      /a trigger theirs, which is none of Dermagraph's/,
    ],
  };
  it.each(Object.entries(BAD))(
    "refuses %s in words, and leaves all as it was",
    async (_, [make, says]) => {
      const before = await contentOf(await studio());
      const files = readdirSync(join(folder, "backups"));
      const bad = make((await backup()).body);
      expect(await problemOf(inspect(sent(bad)))).toMatch(says);
      expect(await problemOf(restore(sent(bad)))).toMatch(says);
      expect(await contentOf(await studio())).toEqual(before);
      expect(readdirSync(join(folder, "backups"))).toEqual(files);
    },
  );
  it("brings a backup of an earlier Dermagraph up to date before it takes the studio's place", async () => {
    const old = mkdtempSync(join(tmpdir(), "dermagraph-old-"));
    const names = Object.keys(MIGRATIONS).sort().slice(0, 4);
    const db = await openStore(
      old,
      Object.fromEntries(names.map((name) => [name, MIGRATIONS[name] as Migration])),
    );
    await db.destroy();
    const { backup: counts } = await inspect(sent(readFileSync(join(old, "studio.db"))));
    expect(counts).toMatchObject({ person: 0, tray: 0 });
  });
  it("has the old studio back when the new one does not open", async () => {
    const { body } = await backup();
    const before = await contentOf(await studio());
    const opening = jest.spyOn(console, "error").mockImplementation(() => undefined);
    const broken: Incoming = {
      ...sent(body),
      saveTo: async (path) => {
        writeFileSync(path, body);
        // Something is in the way of the old one, which is to be kept meanwhile.
        mkdirSync(join(folder, "studio.db.old", "in the way"), { recursive: true });
      },
    };
    expect(await problemOf(restore(broken))).toContain("Nothing was changed");
    expect(await contentOf(await studio())).toEqual(before);
    opening.mockRestore();
  });
  it("lists the copies that stay behind, and deletes them one by one or with everything", async () => {
    await restore(sent((await backup()).body));
    const [newest] = copies();
    expect(newest).toMatchObject({ words: "the studio before a restore" });
    await deleteCopy(newest?.name ?? "");
    expect(copies().map(({ name }) => name)).not.toContain(newest?.name);
    expect(await statusOf(deleteCopy("../studio.db"))).toBe(404);
    for (let i = 0; i < 7; i++) {
      await restore(sent((await backup()).body));
      // Each has a name of its own, by the millisecond.
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    expect(copies().filter(({ name }) => name.startsWith("before-restore-"))).toHaveLength(5);
    expect(await deleteEverything({ words: "delete everything", copies: true })).toEqual({
      copies: [],
    });
    expect(await countLooks(await studio())).toBe(0);
    expect(readdirSync(join(folder, "backups"))).toEqual([]);
  });
});
