import { ProductSchema, type Product, type ProductFields } from "@/core/paint";
import type { Movement, MovementKind } from "@/core/kit";
import type { Store } from "./database";
import { listMemory, rowMemory } from "./remembered";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

const fromRow = (row: Row<"product">): Product => ({
  ...ProductSchema.parse(JSON.parse(row.fields)),
  id: row.id,
  version: row.version,
});

const products = rowMemory<Product>(20_000);
const shelves = listMemory<Product[]>();

/** The shelf. `archived` products stay known to the looks that use them. The same list as before while nothing on it has changed. */
export async function listProducts(db: Store, o: { archived?: boolean } = {}): Promise<Product[]> {
  const archived = o.archived ? 1 : 0;
  const { count, versions, latest } = await db
    .selectFrom("product")
    .select((eb) => [
      eb.fn.countAll<number>().as("count"),
      eb.fn.sum<number>("version").as("versions"),
      eb.fn.max("updated_at").as("latest"),
    ])
    .where("archived", "=", archived)
    .executeTakeFirstOrThrow();
  return shelves(db, String(archived), `${count} ${versions} ${latest}`, async () => {
    const heads = await db
      .selectFrom("product")
      .select(["id", "version"])
      .where("archived", "=", archived)
      .orderBy("created_at")
      .orderBy("id")
      .execute();
    const news = heads
      .filter(({ id, version }) => !products.get(db, id, version))
      .map(({ id }) => id);
    // A few are fetched by name; of many the whole table is read at once.
    const rows = !news.length
      ? []
      : await (news.length > 200
          ? db.selectFrom("product").selectAll().where("archived", "=", archived).execute()
          : db.selectFrom("product").selectAll().where("id", "in", news).execute());
    for (const row of rows)
      if (!products.get(db, row.id, row.version))
        products.put(db, row.id, row.version, fromRow(row));
    return heads.flatMap(({ id, version }) => products.get(db, id, version) ?? []);
  });
}

/** Every product there is, archived ones last: what looks, palettes and records may still name. */
export const listAllProducts = async (db: Store): Promise<Product[]> => [
  ...(await listProducts(db)),
  ...(await listProducts(db, { archived: true })),
];

export async function findProduct(db: Store, id: string): Promise<Product | null> {
  const row = await db.selectFrom("product").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addProduct(db: Store, id: string, fields: ProductFields): Promise<void> {
  await db
    .insertInto("product")
    .values({ ...newRow(id), fields: JSON.stringify(fields) })
    .execute();
}

export const saveProduct = (
  db: Store,
  id: string,
  from: number,
  fields: ProductFields,
): Promise<number> => updateVersioned(db, "product", id, from, { fields: JSON.stringify(fields) });

/** A line to be written; what it says nothing of is not there. */
export type NewMovement = Pick<Movement, "productId" | "kind" | "delta" | "on" | "note"> &
  Partial<Pick<Movement, "jobId" | "pan" | "priceMinor" | "batch">> & {
    /** When it was written down; now, if it says nothing. */ readonly at?: string;
  };

export async function addMovement(
  db: Store,
  {
    productId,
    kind,
    delta,
    on,
    note,
    jobId = null,
    pan = null,
    priceMinor = null,
    batch = "",
    at = new Date().toISOString(),
  }: NewMovement,
): Promise<void> {
  await db
    .insertInto("movement")
    .values({
      product_id: productId,
      kind,
      delta,
      on_date: on,
      note,
      at,
      job_id: jobId,
      tray_id: pan?.trayId ?? null,
      pan_id: pan?.panId ?? null,
      price_minor: priceMinor,
      batch,
    })
    .execute();
}

export async function listMovements(db: Store, productId: string): Promise<Movement[]> {
  const rows = await db
    .selectFrom("movement")
    .selectAll()
    .where("product_id", "=", productId)
    .orderBy("id")
    .execute();
  return rows.map(movementOf);
}

const movementOf = (row: Row<"movement">): Movement => ({
  id: row.id,
  productId: row.product_id,
  kind: row.kind as MovementKind,
  delta: row.delta,
  on: row.on_date,
  note: row.note,
  jobId: row.job_id,
  pan:
    row.tray_id !== null && row.pan_id !== null ? { trayId: row.tray_id, panId: row.pan_id } : null,
  priceMinor: row.price_minor,
  batch: row.batch,
});

/** What was written down for a job. */
export async function jobMovements(db: Store, jobId: string): Promise<Movement[]> {
  return (
    await db.selectFrom("movement").selectAll().where("job_id", "=", jobId).orderBy("id").execute()
  ).map(movementOf);
}

/** Jobs whose paint is written down as used. */
export async function jobsUsed(db: Store): Promise<Set<string>> {
  const rows = await db
    .selectFrom("movement")
    .select("job_id")
    .distinct()
    .where("job_id", "is not", null)
    .execute();
  return new Set(rows.flatMap(({ job_id: jobId }) => jobId ?? []));
}

/** What lies in the pans of a palette, line by line. */
export async function paletteMovements(db: Store, trayId: string): Promise<Movement[]> {
  return (
    await db
      .selectFrom("movement")
      .selectAll()
      .where("tray_id", "=", trayId)
      .orderBy("id")
      .execute()
  ).map(movementOf);
}

/** Lines of the whole ledger between two days, both counted; purchases of all time, since they tell what a gram cost. */
export async function seasonMovements(db: Store, from: string, until: string): Promise<Movement[]> {
  const rows = await db
    .selectFrom("movement")
    .selectAll()
    .where((eb) =>
      eb.or([
        eb.and([eb("on_date", ">=", from), eb("on_date", "<=", until)]),
        eb("price_minor", "is not", null),
      ]),
    )
    .orderBy("id")
    .execute();
  return rows.map(movementOf);
}

const sums = new WeakMap<Store, { last: number; left: Map<string, number> }>();

/** Grams left of every product: the sum of its ledger. Lines are only ever added, so that what was summed once is summed. The same map while there are no new ones. */
export async function stockLevels(db: Store): Promise<Map<string, number>> {
  const known = sums.get(db) ?? { last: 0, left: new Map<string, number>() };
  const last =
    (
      await db
        .selectFrom("movement")
        .select((eb) => eb.fn.max("id").as("last"))
        .executeTakeFirst()
    )?.last ?? 0;
  if (last === known.last && sums.has(db)) return known.left;
  const rows = await db
    .selectFrom("movement")
    .select(["product_id", (eb) => eb.fn.sum<number>("delta").as("more")])
    .where("id", ">", known.last)
    .groupBy("product_id")
    .execute();
  const left = new Map(known.left);
  for (const row of rows) left.set(row.product_id, (left.get(row.product_id) ?? 0) + row.more);
  sums.set(db, { last, left });
  return left;
}
