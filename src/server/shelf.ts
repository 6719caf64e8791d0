import "server-only";
import { z } from "zod";
import { DEMO_PRODUCTS } from "@/demo";
import {
  balance,
  deltaOf,
  expiry,
  potBalance,
  type Movement,
  type MovementFields,
} from "@/core/kit";
import { ProductSchema, type Product, type ProductFields } from "@/core/paint";
import {
  addMovement,
  addProduct,
  findProduct,
  looksPaintedWith,
  listMovements,
  listProducts,
  saveProduct,
  setArchived,
  stockLevels,
  type Store,
} from "@/store";
import { notFound } from "./problem";
import { newId, studio, today } from "./studio";

export interface ShelfItem extends Product {
  readonly left: number;
  readonly expiry: { readonly date: string; readonly past: boolean } | null;
}

export const SaveProductSchema = z
  .object({ version: z.number().int().min(1), fields: ProductSchema })
  .strict();

const withStock = (product: Product, stock: ReadonlyMap<string, number>): ShelfItem => ({
  ...product,
  left: stock.get(product.id) ?? 0,
  expiry: expiry(product, today()),
});

export async function shelf(): Promise<ShelfItem[]> {
  const db = await studio();
  const stock = await stockLevels(db);
  return (await listProducts(db)).map((product) => withStock(product, stock));
}

/** The shelf as a page begins with it: all of it, or, of a large one, what has to be there at once; the rest is fetched. `stamp` tells one state from another. */
export interface ShelfStart {
  readonly items: readonly ShelfItem[];
  readonly total: number;
  readonly stamp: string;
}

/** As many go with a page at once. */
const AT_ONCE = 400;

let stamped: { products: unknown; stock: unknown; on: string; count: number } | null = null;
/** Counts up with every state of the shelf that is seen. */
function stampOf(products: unknown, stock: unknown, on: string): string {
  const known = stamped;
  const now =
    known && known.products === products && known.stock === stock && known.on === on
      ? known
      : { products, stock, on, count: (known?.count ?? 0) + 1 };
  stamped = now;
  return `${process.pid}-${now.count}`;
}

export async function shelfStart(must: readonly string[] = []): Promise<ShelfStart> {
  const db = await studio();
  const [products, stock] = [await listProducts(db), await stockLevels(db)];
  const stamp = stampOf(products, stock, today());
  if (products.length <= AT_ONCE)
    return {
      items: products.map((product) => withStock(product, stock)),
      total: products.length,
      stamp,
    };
  const wanted = new Set(must);
  return {
    items: products
      .filter(({ id }, i) => i < 100 || wanted.has(id))
      .map((product) => withStock(product, stock)),
    total: products.length,
    stamp,
  };
}

let written: { stamp: string; body: string } | null = null;

/** The whole shelf as JSON; written once for each state of it. */
export async function shelfJson(): Promise<string> {
  const db = await studio();
  const stamp = stampOf(await listProducts(db), await stockLevels(db), today());
  if (written?.stamp !== stamp)
    written = { stamp, body: JSON.stringify({ stamp, items: await shelf() }) };
  return written.body;
}

export interface UsedIn {
  readonly looks: readonly {
    readonly id: string;
    readonly name: string;
    readonly layers: readonly string[];
  }[];
  readonly more: number;
}
/** Looks that are named; more are counted. */
const NAMED = 40;

/** Looks that use a product, in a mix too. */
export async function looksUsing(id: string): Promise<UsedIn> {
  const { looks, count } = await looksPaintedWith(await studio(), id, NAMED);
  const layersOf = ({ design }: (typeof looks)[number]) =>
    design.layers
      .filter(({ paint }) =>
        paint.kind === "product"
          ? paint.productId === id
          : paint.kind === "mix" && paint.parts.some(({ productId }) => productId === id),
      )
      .map(({ name }) => name);
  return {
    looks: looks.map((look) => ({ id: look.id, name: look.design.name, layers: layersOf(look) })),
    more: count - looks.length,
  };
}

/** Products of the same kind and maker: its other sizes are among them. */
export const productsNamed = async ({
  material,
  maker,
}: Pick<Product, "material" | "maker">): Promise<Product[]> =>
  (await listProducts(await studio())).filter(
    (other) => other.material === material && other.maker === maker,
  );

export async function productWithLedger(
  id: string,
): Promise<{ item: ShelfItem; ledger: Movement[] } | null> {
  const db = await studio();
  const product = await findProduct(db, id);
  if (!product) return null;
  const ledger = await listMovements(db, id);
  return { item: withStock(product, new Map([[id, balance(ledger)]])), ledger };
}

export async function putProduct(
  db: Store,
  id: string,
  fields: ProductFields,
  on: string,
  grams = fields.sizeGrams,
): Promise<void> {
  await addProduct(db, id, fields);
  if (grams > 0)
    await addMovement(db, {
      productId: id,
      kind: "bought",
      delta: grams,
      on,
      note: "first pot",
      priceMinor: grams === fields.sizeGrams ? fields.priceMinor : null,
    });
}

/** A new product comes with its full pot as the first movement. */
export async function createProduct(fields: ProductFields): Promise<{ id: string }> {
  const db = await studio();
  const id = newId();
  await db.transaction().execute((tx) => putProduct(tx, id, fields, today()));
  return { id };
}

export async function changeProduct(
  id: string,
  { version, fields }: z.output<typeof SaveProductSchema>,
): Promise<{ version: number }> {
  const db = await studio();
  if (!(await findProduct(db, id))) throw notFound("product");
  return { version: await saveProduct(db, id, version, fields) };
}

export async function archiveProduct(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "product", id, archived);
}

/** Adds a line to a product's ledger; weighing adds the difference. The sum is read and written in one transaction. */
export async function move(id: string, movement: MovementFields): Promise<{ left: number }> {
  const db = await studio();
  return db.transaction().execute(async (tx) => {
    if (!(await findProduct(tx, id))) throw notFound("product");
    const ledger = await listMovements(tx, id);
    const delta = deltaOf(movement, potBalance(ledger));
    const { kind, on, note = "", priceMinor = null, batch = "" } = movement;
    await addMovement(tx, { productId: id, kind, delta, on, note, priceMinor, batch });
    return { left: balance(ledger) + delta };
  });
}

/** Nothing is said: there is one invented shelf. */
export const DemoShelfSchema = z.object({}).strict();

/** Puts the invented demo shelf beside what is there; products already taken once are left alone. */
export async function takeDemoShelf(): Promise<{ added: number }> {
  const db = await studio();
  return db.transaction().execute(async (tx) => {
    let added = 0;
    for (const { id, grams, fields } of DEMO_PRODUCTS(today())) {
      if (await findProduct(tx, id)) continue;
      await putProduct(tx, id, fields, today(), grams);
      added++;
    }
    return { added };
  });
}
