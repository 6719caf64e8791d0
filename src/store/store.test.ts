import Database from "better-sqlite3";
import { sql, type Kysely } from "kysely";
import { existsSync, mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { USUAL_BRIEF } from "@/core/brief";
import { emptyLook } from "@/core/look";
import { NOTHING_SAID } from "@/core/paint";
import { STAND_IN, type Person } from "@/core/people";
import { USUAL_STUDIO } from "@/core/studio";
import { SHELF } from "@/core/testing";
import {
  addJob,
  addLook,
  addMovement,
  addPerson,
  addProduct,
  currentSettings,
  databasePath,
  findLook,
  findPerson,
  listJobs,
  listMovements,
  listPeople,
  listProducts,
  NotFound,
  openStore,
  saveLook,
  savePerson,
  setArchived,
  StaleVersion,
  stockLevels,
  type Store,
} from ".";
import { MIGRATIONS } from "./migrations";

let folder: string;
let db: Store;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-store-"));
  db = await openStore(folder);
});
afterEach(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const { id: _id, version: _version, ...person } = STAND_IN;
const grey =
  SHELF[1] ??
  (() => {
    throw new Error("the shelf is empty");
  })();
const { id: greyId, version: _greyVersion, ...greyFields } = grey;

describe("database", () => {
  it("is one real file, in WAL with full synchronisation, foreign keys on and every table STRICT", async () => {
    expect(existsSync(databasePath(folder))).toBe(true);
    const pragma = async (name: string) =>
      Object.values(
        (await sql.raw<Record<string, unknown>>(`PRAGMA ${name}`).execute(db)).rows[0] ?? {},
      )[0];
    expect([
      await pragma("journal_mode"),
      await pragma("synchronous"),
      await pragma("foreign_keys"),
    ]).toEqual(["wal", 2, 1]);
    const tables = await sql<{
      name: string;
      strict: number;
    }>`SELECT name, strict FROM pragma_table_list WHERE schema = 'main' AND type = 'table' AND name IN ('person', 'product', 'movement', 'look', 'job')`.execute(
      db,
    );
    expect(tables.rows).toHaveLength(5);
    expect(tables.rows.every((table) => table.strict === 1)).toBe(true);
  });

  it("copies an older database before it changes it, and changes it once", async () => {
    await addPerson(db, "p", person);
    await db.destroy();
    const second = {
      up: async (kysely: Kysely<unknown>) => {
        await sql`ALTER TABLE person ADD COLUMN nickname TEXT`.execute(kysely);
      },
    };
    db = await openStore(folder, { ...MIGRATIONS, "900-second": second });
    const copies = readdirSync(join(folder, "backups"));
    expect(copies).toHaveLength(1);
    const copy = new Database(join(folder, "backups", copies[0] ?? ""), { readonly: true });
    expect(copy.prepare("SELECT count(*) AS n FROM person").get()).toEqual({ n: 1 });
    expect(
      copy
        .prepare("SELECT count(*) AS n FROM pragma_table_info('person') WHERE name = 'nickname'")
        .get(),
    ).toEqual({ n: 0 });
    copy.close();
    await db.destroy();
    db = await openStore(folder, { ...MIGRATIONS, "900-second": second });
    expect(readdirSync(join(folder, "backups"))).toHaveLength(1);
    await expect(openStore(folder)).rejects.toThrow(/could not be brought up to date/);
  });
});

describe("rows of a studio from before there were facts for safety", () => {
  // As schema 8 wrote them: no label, no batch, no areas, no consent; a strict schema of today takes them.
  it("are read whole, their labels unread and nobody asked, through every migration", async () => {
    const [{ id: __, version: _v, ...person }, [paint]] = [STAND_IN, SHELF];
    if (!paint) throw new Error("an empty shelf");
    const { id: _p, version: _pv, ...product } = paint;
    const without = (row: object, ...names: string[]) =>
      JSON.stringify(
        Object.fromEntries(Object.entries(row).filter(([key]) => !names.includes(key))),
      );
    const names = Object.keys(MIGRATIONS).sort();
    for (let schema = 3; schema <= names.length; schema++) {
      const old = mkdtempSync(join(tmpdir(), "dermagraph-old-"));
      const been = names.slice(0, schema).map((name) => [name, MIGRATIONS[name]]);
      await (await openStore(old, Object.fromEntries(been) as typeof MIGRATIONS)).destroy();
      const file = new Database(databasePath(old));
      const row = "1, 0, ?, '2026', '2026'";
      const put = (table: string, id: string, fields: string) =>
        file
          .prepare(
            `INSERT INTO ${table} (id, version, archived, fields, created_at, updated_at) VALUES ('${id}', ${row})`,
          )
          .run(fields);
      put("person", "p", without(person, ...Object.keys(NEW_OF_PERSON)));
      put("product", "a", without(product, ...Object.keys(NOTHING_SAID), "labelRead", "isHairDye"));
      file.close();
      const upgraded = await openStore(old);
      expect(await findPerson(upgraded, "p")).toEqual({ ...STAND_IN, id: "p", version: 1 });
      expect(await listProducts(upgraded)).toEqual([
        { ...paint, ...NOTHING_SAID, id: "a", version: 1, labelRead: false, isHairDye: null },
      ]);
      expect(await currentSettings(upgraded)).toEqual({ version: 0, fields: USUAL_STUDIO });
      await upgraded.destroy();
      rmSync(old, { recursive: true, force: true });
    }
  });
});

/** What came to a person's card with migration 009. */
const NEW_OF_PERSON = {
  hair: null,
  eyes: null,
  hoodedLids: false,
  creases: [],
  concerns: [],
  asthma: false,
  reactedOn: null,
  noseWidthMm: null,
  lipHeightMm: null,
} satisfies Partial<Person>;

describe("versions", () => {
  it("take a save from the newest version, refuse one from an older, and know what is not there", async () => {
    await addLook(db, "l", emptyLook("first"));
    expect(await saveLook(db, "l", 1, emptyLook("second"))).toBe(2);
    await expect(saveLook(db, "l", 1, emptyLook("third"))).rejects.toMatchObject({ current: 2 });
    await expect(saveLook(db, "l", 1, emptyLook("third"))).rejects.toBeInstanceOf(StaleVersion);
    await expect(saveLook(db, "none", 1, emptyLook("x"))).rejects.toBeInstanceOf(NotFound);
    expect((await findLook(db, "l"))?.design.name).toBe("second");
  });
  it("put away and take out again without loss", async () => {
    await addPerson(db, "p", person);
    await setArchived(db, "person", "p", true);
    expect(await listPeople(db)).toEqual([]);
    expect((await findPerson(db, "p"))?.name).toBe(person.name);
    await setArchived(db, "person", "p", false);
    expect(await listPeople(db)).toHaveLength(1);
    expect(await savePerson(db, "p", 1, { ...person, name: "New name" })).toBe(2);
  });
});

// The native module keeps the error class of the first test file that loaded it, so its errors are matched by what they say.
describe("ledger", () => {
  it("sums what came and went, and can't be rewritten", async () => {
    await addProduct(db, greyId, greyFields);
    for (const delta of [30, -4.5, 2])
      await addMovement(db, {
        productId: greyId,
        kind: delta > 0 ? "bought" : "used",
        delta,
        on: "2026-06-01",
        note: "",
      });
    expect((await stockLevels(db)).get(greyId)).toBeCloseTo(27.5, 9);
    expect(await listMovements(db, greyId)).toHaveLength(3);
    await expect(sql`UPDATE movement SET delta = 99`.execute(db)).rejects.toHaveProperty(
      "message",
      expect.stringContaining("never rewritten"),
    );
    await expect(sql`DELETE FROM movement`.execute(db)).rejects.toHaveProperty(
      "message",
      expect.stringContaining("never rewritten"),
    );
    await expect(
      addMovement(db, { productId: "none", kind: "used", delta: -1, on: "2026-06-01", note: "" }),
    ).rejects.toHaveProperty("message", expect.stringContaining("FOREIGN KEY"));
    expect(await listProducts(db)).toHaveLength(1);
  });
});

describe("jobs", () => {
  it("sort by the moment whatever their offset, those without a date last, and need a look and a person", async () => {
    await addLook(db, "l", emptyLook("look"));
    await addPerson(db, "p", person);
    const job = (id: string, curtainAt: string | null) =>
      addJob(db, { id, lookId: "l", personId: "p", brief: { ...USUAL_BRIEF, curtainAt } });
    await job("none", null);
    await job("later", "2026-06-01T12:00:00+00:00");
    await job("sooner", "2026-06-01T12:30:00+02:00");
    expect((await listJobs(db, { lookId: "l" })).map(({ id }) => id)).toEqual([
      "sooner",
      "later",
      "none",
    ]);
    await expect(
      addJob(db, { id: "x", lookId: "none", personId: "p", brief: USUAL_BRIEF }),
    ).rejects.toHaveProperty("message", expect.stringContaining("FOREIGN KEY"));
  });
});
