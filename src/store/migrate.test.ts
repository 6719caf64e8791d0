import Database from "better-sqlite3";
import type { Migration } from "kysely";
import { mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { databasePath, openStore } from "./database";
import { StudioInUse } from "./lock";
import { MIGRATIONS } from "./migrations";

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-migrate-"));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const NAMES = Object.keys(MIGRATIONS).sort();
const first = (count: number) =>
  Object.fromEntries(NAMES.slice(0, count).map((name) => [name, MIGRATIONS[name] as Migration]));

/** Every object of a file with its SQL, so that two files can be told apart. */
function shapeOf(path: string): string[] {
  const file = new Database(path, { readonly: true });
  const rows = file
    .prepare(
      "SELECT type || ' ' || name || ' ' || coalesce(sql, '') AS it FROM sqlite_master ORDER BY 1",
    )
    .all() as { it: string }[];
  file.close();
  return rows.map(({ it }) => it);
}

function rowsOf(path: string): unknown[] {
  const file = new Database(path, { readonly: true });
  const rows = file.prepare("SELECT id, fields FROM person").all();
  file.close();
  return rows;
}

/** A migration that breaks off in the middle, as one did that was cut: its statements stand, its record does not. */
async function cutIn(name: string): Promise<void> {
  const file = new Database(databasePath(folder));
  let left = 1;
  const statement = /^CREATE TABLE|^ALTER TABLE/;
  const { Kysely: K, SqliteDialect } = await import("kysely");
  const seen: string[] = [];
  const db = new K<unknown>({
    dialect: new SqliteDialect({ database: file }),
    log: (event) => {
      if (event.level === "query") seen.push(event.query.sql);
    },
  });
  try {
    file.exec("BEGIN");
    await MIGRATIONS[name]?.up(db);
  } finally {
    file.exec("ROLLBACK");
  }
  for (const sql of seen)
    if (left > 0 && statement.test(sql)) {
      file.exec(sql);
      left--;
    }
  expect(left).toBe(0);
  file.close();
}

const PERSON = `INSERT INTO person (id, version, archived, fields, created_at, updated_at)
  VALUES ('p', 1, 0, '{"name":"Somebody"}', 'x', 'x')`;

describe("a studio that was cut in a migration of an early build", () => {
  it.each(NAMES.slice(1).map((name, i): [string, number] => [name, i + 1]))(
    "%s: goes back to the copy made before it and is upgraded whole",
    async (name, done) => {
      await (await openStore(folder, first(done))).destroy();
      const file = new Database(databasePath(folder));
      file.exec(PERSON);
      file.prepare("VACUUM INTO ?").run(join(folder, "backups", "before-migration-2026.db"));
      file.close();
      const before = rowsOf(databasePath(folder));
      await cutIn(name);
      await (await openStore(folder)).destroy();
      expect(rowsOf(databasePath(folder))).toEqual(before);
      const fresh = mkdtempSync(join(tmpdir(), "dermagraph-fresh-"));
      await (await openStore(fresh)).destroy();
      expect(shapeOf(databasePath(folder))).toEqual(shapeOf(databasePath(fresh)));
      rmSync(fresh, { recursive: true, force: true });
      expect(readdirSync(join(folder, "backups")).join()).toContain("half-migrated-");
    },
  );

  it("begins anew where it was the first start", async () => {
    const file = new Database(databasePath(folder));
    file.exec("CREATE TABLE person (id TEXT PRIMARY KEY) STRICT");
    file.close();
    await (await openStore(folder)).destroy();
    expect(shapeOf(databasePath(folder)).length).toBeGreaterThan(20);
  });

  it("is left alone where it holds rows and no copy is there", async () => {
    const file = new Database(databasePath(folder));
    file.exec("CREATE TABLE person (id TEXT PRIMARY KEY) STRICT; INSERT INTO person VALUES ('p')");
    file.close();
    await expect(openStore(folder)).rejects.toThrow(/already exists/);
    const after = new Database(databasePath(folder), { readonly: true });
    expect(after.prepare("SELECT * FROM person").all()).toEqual([{ id: "p" }]);
    after.close();
  });
});

describe("migrations", () => {
  it("are all or nothing: a later one that fails leaves none of the earlier", async () => {
    await (await openStore(folder, first(3))).destroy();
    const before = shapeOf(databasePath(folder));
    const broken = { ...first(5), "900-broken": { up: () => Promise.reject(new Error("cut")) } };
    await expect(openStore(folder, broken)).rejects.toThrow(/cut/);
    expect(shapeOf(databasePath(folder))).toEqual(before);
  });

  it("refuse a file of a newer build, and one with a record missing between others", async () => {
    await (await openStore(folder)).destroy();
    await expect(openStore(folder, first(4))).rejects.toThrow(/newer Dermagraph/);
    const file = new Database(databasePath(folder));
    file.prepare("DELETE FROM kysely_migration WHERE name = ?").run(NAMES[2]);
    file.close();
    await expect(openStore(folder)).rejects.toThrow(/record of migration .* is missing/);
  });
});

describe("the folder", () => {
  it("belongs to one process; who comes second is told where the first answers", async () => {
    const other = new Database(join(folder, "studio.lock"));
    other.pragma("locking_mode = EXCLUSIVE");
    other.exec("BEGIN EXCLUSIVE");
    writeFileSync(join(folder, "running.json"), '{"pid":1,"url":"http://127.0.0.1:4310"}');
    const second = openStore(folder);
    await expect(second).rejects.toThrow(
      "already running on this studio, at http://127.0.0.1:4310",
    );
    const refused = await second.then(
      () => null,
      (error: unknown) => error as Error,
    );
    expect(refused).toBeInstanceOf(StudioInUse);
    other.close();
    const mine = await openStore(folder);
    await mine.destroy();
    await (await openStore(folder)).destroy();
  });

  it("is nobody else's to read", async () => {
    const db = await openStore(folder);
    expect(statSync(databasePath(folder)).mode & 0o077).toBe(0);
    expect(statSync(join(folder, "backups")).mode & 0o077).toBe(0);
    await db.destroy();
  });
});
