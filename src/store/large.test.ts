import fc from "fast-check";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { sql } from "kysely";
import { aLayer, aLook, product, SHELF } from "@/core/testing";
import {
  addLook,
  addMovement,
  addProduct,
  countLooks,
  findLook,
  findLooks,
  listLookHeads,
  listProducts,
  looksPaintedWith,
  openStore,
  saveLook,
  saveProduct,
  setArchived,
  stockLevels,
  type Store,
} from ".";
import { MIGRATIONS } from "./migrations";

let folder: string;
let db: Store;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "dermagraph-large-"));
  db = await openStore(folder);
});
afterEach(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const fill = async () => {
  for (const { id, version: _, ...fields } of SHELF) await addProduct(db, id, fields);
};
const look = (...ids: string[]) =>
  aLook(...ids.map((id, i) => aLayer({ id: `l${i}`, paint: product(id) })));

describe("what is remembered", () => {
  it("is the same list until something on the shelf changes, and the changed one then", async () => {
    await fill();
    const first = await listProducts(db);
    expect(await listProducts(db)).toBe(first);
    const [one] = first;
    if (!one) throw new Error("the shelf is empty");
    const { id, version, ...fields } = one;
    await saveProduct(db, id, version, { ...fields, name: "New name" });
    const second = await listProducts(db);
    expect(second.find((entry) => entry.id === id)).toMatchObject({ name: "New name", version: 2 });
    // What did not change was not read again.
    expect(second[1]).toBe(first[1]);
    await setArchived(db, "product", id, true);
    expect((await listProducts(db)).map((entry) => entry.id)).not.toContain(id);
    expect((await listProducts(db, { archived: true })).map((entry) => entry.name)).toEqual([
      "New name",
    ]);
  });
  it("never tells another stock than the sum of the ledger, whatever comes and whenever it is asked for", async () => {
    await fill();
    const steps = fc.array(
      fc.oneof(
        fc.record({
          id: fc.constantFrom("white", "grey", "blue"),
          delta: fc.double({ min: -20, max: 20, noNaN: true }),
        }),
        fc.constant(null),
      ),
      { maxLength: 25 },
    );
    await fc.assert(
      fc.asyncProperty(steps, async (list) => {
        for (const step of list)
          if (step)
            await addMovement(db, {
              productId: step.id,
              kind: "used",
              delta: step.delta,
              on: "2026-06-01",
              note: "",
            });
          else await stockLevels(db);
        const { rows } = await sql<{
          id: string;
          sum: number;
        }>`SELECT product_id AS id, SUM(delta) AS sum FROM movement GROUP BY product_id`.execute(
          db,
        );
        const stock = await stockLevels(db);
        expect(stock.size).toBe(rows.length);
        for (const { id, sum } of rows) expect(stock.get(id)).toBeCloseTo(sum, 8);
      }),
      { numRuns: 25 },
    );
  });
  it("is a look as it stands, also after it was put away", async () => {
    await addLook(db, "a", look("white"));
    const before = await findLook(db, "a");
    expect(await findLook(db, "a")).toBe(before);
    await saveLook(db, "a", 1, look("grey"));
    expect((await findLook(db, "a"))?.design.layers[0]?.paint).toEqual(product("grey"));
    await setArchived(db, "look", "a", true);
    expect(await findLook(db, "a")).toMatchObject({ archived: true });
    expect((await findLooks(db, ["none", "a", "a"])).map(({ id }) => id)).toEqual(["a"]);
  });
});

describe("looks by what they are painted with", () => {
  const using = async (id: string) => {
    const { looks, count } = await looksPaintedWith(db, id, 10);
    expect(count).toBe(looks.length);
    return looks.map((entry) => entry.id).sort();
  };
  it("are known by the database, alone and in mixes, after every change", async () => {
    await addLook(db, "a", look("white", "grey", "grey"));
    await addLook(
      db,
      "b",
      aLook(
        aLayer({
          id: "m",
          paint: {
            kind: "mix",
            parts: [
              { productId: "white", parts: 2 },
              { productId: "blue", parts: 1 },
            ],
          },
        }),
        aLayer({ id: "open", paint: { kind: "material", material: "cream" } }),
      ),
    );
    expect([
      await using("white"),
      await using("grey"),
      await using("blue"),
      await using("none"),
    ]).toEqual([["a", "b"], ["a"], ["b"], []]);
    await saveLook(db, "a", 1, look("blue"));
    expect([await using("white"), await using("blue")]).toEqual([["b"], ["a", "b"]]);
    await setArchived(db, "look", "b", true);
    expect(await using("white")).toEqual([]);
    expect(await looksPaintedWith(db, "blue", 0)).toMatchObject({ looks: [], count: 1 });
  });
  it("are found in a studio that is older than that", async () => {
    await db.destroy();
    rmSync(folder, { recursive: true, force: true });
    folder = mkdtempSync(join(tmpdir(), "dermagraph-large-"));
    const older = Object.fromEntries(Object.entries(MIGRATIONS).filter(([name]) => name < "008"));
    db = await openStore(folder, older);
    await sql`INSERT INTO look (id, version, archived, design, created_at, updated_at) VALUES ('old', 1, 0, ${JSON.stringify(look("white"))}, 'x', 'x')`.execute(
      db,
    );
    await db.destroy();
    db = await openStore(folder);
    expect(await using("white")).toEqual(["old"]);
    expect(await countLooks(db)).toBe(1);
  });
  it("are listed by name, those worked on last first, and found by words of it", async () => {
    for (const name of ["First Frost", "Frost again", "Fog 50%"])
      await addLook(db, name, { ...look("white"), name });
    expect((await listLookHeads(db)).map(({ name }) => name)).toHaveLength(3);
    expect((await listLookHeads(db, { find: "frost" })).map(({ name }) => name).sort()).toEqual([
      "First Frost",
      "Frost again",
    ]);
    expect((await listLookHeads(db, { find: "again fro" })).map(({ name }) => name)).toEqual([
      "Frost again",
    ]);
    expect(await listLookHeads(db, { find: "%" })).toHaveLength(3);
    const plan = await sql<{
      detail: string;
    }>`EXPLAIN QUERY PLAN SELECT id, version, name, updated_at FROM look WHERE archived = 0 ORDER BY updated_at DESC`.execute(
      db,
    );
    expect(plan.rows.map(({ detail }) => detail).join()).toContain("COVERING INDEX look_shown");
  });
});
