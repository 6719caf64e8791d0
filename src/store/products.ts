import { ProductSchema, type Product, type ProductFields } from "@/core/paint";
import type { Movement, MovementKind } from "@/core/kit";
import type { Store } from "./database";
import type { Row } from "./schema";
import { newRow, updateVersioned } from "./versioned";

const fromRow = (row: Row<"product">): Product => ({ ...ProductSchema.parse(JSON.parse(row.fields)), id: row.id, version: row.version });

/** The shelf. `archived` products stay known to the looks that use them. */
export async function listProducts(db: Store, o: { archived?: boolean } = {}): Promise<Product[]> {
  const rows = await db.selectFrom("product").selectAll().where("archived", "=", o.archived ? 1 : 0).orderBy("created_at").orderBy("id").execute();
  return rows.map(fromRow);
}

export async function findProduct(db: Store, id: string): Promise<Product | null> {
  const row = await db.selectFrom("product").selectAll().where("id", "=", id).executeTakeFirst();
  return row ? fromRow(row) : null;
}

export async function addProduct(db: Store, id: string, fields: ProductFields): Promise<void> {
  await db.insertInto("product").values({ ...newRow(id), fields: JSON.stringify(fields) }).execute();
}

export const saveProduct = (db: Store, id: string, from: number, fields: ProductFields): Promise<number> => updateVersioned(db, "product", id, from, { fields: JSON.stringify(fields) });

/** A line to be written; what it says nothing of is not there. */
export type NewMovement = Pick<Movement, "productId" | "kind" | "delta" | "on" | "note"> & Partial<Pick<Movement, "jobId" | "pan" | "priceMinor" | "batch">> & { /** When it was written down; now, if it says nothing. */ readonly at?: string };

export async function addMovement(db: Store, { productId, kind, delta, on, note, jobId = null, pan = null, priceMinor = null, batch = "", at = new Date().toISOString() }: NewMovement): Promise<void> {
  await db.insertInto("movement").values({ product_id: productId, kind, delta, on_date: on, note, at, job_id: jobId, tray_id: pan?.trayId ?? null, pan_id: pan?.panId ?? null, price_minor: priceMinor, batch }).execute();
}

export async function listMovements(db: Store, productId: string): Promise<Movement[]> {
  const rows = await db.selectFrom("movement").selectAll().where("product_id", "=", productId).orderBy("id").execute();
  return rows.map(movementOf);
}

const movementOf = (row: Row<"movement">): Movement => ({ id: row.id, productId: row.product_id, kind: row.kind as MovementKind, delta: row.delta, on: row.on_date, note: row.note, jobId: row.job_id, pan: row.tray_id !== null && row.pan_id !== null ? { trayId: row.tray_id, panId: row.pan_id } : null, priceMinor: row.price_minor, batch: row.batch });

/** What was written down for a job. */
export async function jobMovements(db: Store, jobId: string): Promise<Movement[]> {
  return (await db.selectFrom("movement").selectAll().where("job_id", "=", jobId).orderBy("id").execute()).map(movementOf);
}

/** What lies in the pans of a tray, line by line. */
export async function trayMovements(db: Store, trayId: string): Promise<Movement[]> {
  return (await db.selectFrom("movement").selectAll().where("tray_id", "=", trayId).orderBy("id").execute()).map(movementOf);
}

/** Lines of the whole ledger between two days, both counted; purchases of all time, since they tell what a gram cost. */
export async function seasonMovements(db: Store, from: string, until: string): Promise<Movement[]> {
  const rows = await db.selectFrom("movement").selectAll().where((eb) => eb.or([eb.and([eb("on_date", ">=", from), eb("on_date", "<=", until)]), eb("price_minor", "is not", null)])).orderBy("id").execute();
  return rows.map(movementOf);
}

/** Grams left of every product: the sum of its ledger. */
export async function stockLevels(db: Store): Promise<Map<string, number>> {
  const rows = await db.selectFrom("movement").select(["product_id", (eb) => eb.fn.sum<number>("delta").as("left")]).groupBy("product_id").execute();
  return new Map(rows.map((row) => [row.product_id, row.left]));
}
