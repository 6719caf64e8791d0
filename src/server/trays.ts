import { slug } from "@/core/text/words";
import "server-only";
import { z } from "zod";
import { trayLabels, PAPER_KEYS } from "@/core/formats";
import {
  refill,
  RefillSchema,
  TraySchema,
  weighPan,
  type Movement,
  type Tray,
  type TrayFields,
} from "@/core/kit";
import { productsUsed } from "@/core/look";
import { isProp, type Product } from "@/core/paint";
import {
  addMovement,
  addTray,
  findJob,
  findLook,
  findProduct,
  findTray,
  listTrays,
  saveTray,
  setArchived,
  trayMovements,
  type Store,
  listAllProducts,
} from "@/store";
import { fieldErrors, invalid, notFound } from "./problem";
import { shelfStart, type ShelfStart } from "./shelf";
import { newId, studio, today } from "./studio";
import { sheetPdf } from "./templates";

export const SaveTraySchema = z
  .object({ version: z.number().int().min(1), fields: TraySchema })
  .strict();

/** Every tray, with the products that lie in one. */
export async function traysShown(): Promise<{ trays: Tray[]; products: Product[] }> {
  const db = await studio();
  const trays = await listTrays(db);
  const used = new Set(
    trays.flatMap(({ pans }) =>
      pans.flatMap(({ parts }) => parts.map(({ productId }) => productId)),
    ),
  );
  return {
    trays,
    products: (await listAllProducts(db)).filter(({ id }) => used.has(id)),
  };
}

export interface TrayWork {
  readonly tray: Tray;
  readonly shelf: ShelfStart;
  /** What was put into its pans, line by line. */
  readonly fills: readonly Movement[];
  readonly today: string;
  /** The job it is packed for, with its products in the order they are used. */
  readonly job: {
    readonly lookId: string;
    readonly jobId: string;
    readonly lookName: string;
    readonly order: readonly string[];
  } | null;
}

/** A tray with what may be laid in it. */
export async function trayWork(id: string): Promise<TrayWork | null> {
  const db = await studio();
  const tray = await findTray(db, id);
  if (!tray) return null;
  const job = tray.jobId === null ? null : await findJob(db, tray.jobId);
  const look = job && (await findLook(db, job.lookId));
  const order = look ? productsUsed(look.design) : [];
  return {
    tray,
    shelf: await shelfStart(
      tray.pans.flatMap(({ parts }) => parts.map(({ productId }) => productId)),
    ),
    fills: await trayMovements(db, id),
    today: today(),
    job: job && look && { lookId: look.id, jobId: job.id, lookName: look.design.name, order },
  };
}

/** What is laid in has to be there; what is made for no skin is not laid beside what is. @throws Problem */
async function refuseStrangers(db: Store, { pans, jobId }: TrayFields): Promise<void> {
  if (jobId !== null && !(await findJob(db, jobId)))
    throw invalid([{ field: "jobId", message: "no such job" }]);
  for (const [i, { parts }] of pans.entries())
    for (const [j, { productId }] of parts.entries()) {
      const product = await findProduct(db, productId);
      if (!product)
        throw invalid([
          { field: `pans.${i}.parts.${j}.productId`, message: "no such product on the shelf" },
        ]);
      if (isProp(product))
        throw invalid([
          {
            field: `pans.${i}.parts.${j}.productId`,
            message: `${product.name} is not made for skin and does not go into a tray of paints (SAFE-1)`,
          },
        ]);
    }
}

export async function createTray(fields: TrayFields): Promise<{ id: string }> {
  const db = await studio();
  await refuseStrangers(db, fields);
  const id = newId();
  await addTray(db, id, fields);
  return { id };
}

export async function changeTray(
  id: string,
  { version, fields }: z.output<typeof SaveTraySchema>,
): Promise<{ version: number }> {
  const db = await studio();
  if (!(await findTray(db, id))) throw notFound("tray");
  await refuseStrangers(db, fields);
  return { version: await saveTray(db, id, version, fields) };
}

export async function archiveTray(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "tray", id, archived);
}

/**
 * Fills a pan out of its pots, by the parts of what is in it: two lines each, and nothing is used by it. Or takes what the scale found in it: what is missing
 * was used or scraped out. @throws Problem
 */
export async function fillPan(
  trayId: string,
  { panId, kind, grams, on }: z.output<typeof RefillSchema>,
): Promise<{ lines: number }> {
  const db = await studio();
  return db.transaction().execute(async (tx) => {
    const tray = await findTray(tx, trayId);
    if (!tray) throw notFound("tray");
    const pan = tray.pans.find(({ id }) => id === panId);
    if (!pan) throw invalid([{ field: "panId", message: "is not in this tray" }]);
    const at = { trayId, panId };
    if (kind === "weighed") {
      const inIt = new Map<string, number>();
      for (const movement of await trayMovements(tx, trayId))
        if (movement.pan?.panId === panId)
          inIt.set(movement.productId, (inIt.get(movement.productId) ?? 0) + movement.delta);
      if (!pan.parts.length && grams > 0)
        throw invalid([{ field: "grams", message: "say first what is in it" }]);
      const changes = weighPan(pan.parts, inIt, grams);
      for (const { productId, delta } of changes)
        await addMovement(tx, {
          productId,
          kind,
          delta,
          on,
          note: `in ${tray.name}`.slice(0, 200),
          pan: at,
        });
      return { lines: changes.length };
    }
    if (!pan.parts.length)
      throw invalid([{ field: "panId", message: "is empty: say first what goes in" }]);
    const whole = pan.parts.reduce((sum, { parts }) => sum + parts, 0);
    for (const { productId, parts } of pan.parts) {
      const { pot, pan: into } = refill((grams * parts) / whole);
      const line = {
        productId,
        kind: "refilled" as const,
        on,
        note: `into ${tray.name}`.slice(0, 200),
      };
      await addMovement(tx, { ...line, delta: pot });
      await addMovement(tx, { ...line, delta: into, pan: at });
    }
    return { lines: 2 * pan.parts.length };
  });
}

const LabelsSchema = z.object({ paper: z.enum(PAPER_KEYS).default("a4") }).strict();

/** Labels of a tray to cut and stick, and its lid to lay over it, at 1:1. @throws Problem */
export async function labelsOf(
  id: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array; name: string }> {
  const asked = LabelsSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const db = await studio();
  const tray = await findTray(db, id);
  if (!tray) throw notFound("tray");
  const products = new Map((await listAllProducts(db)).map((product) => [product.id, product]));
  return {
    body: await sheetPdf(
      trayLabels({ tray, products, paper: asked.data.paper, today: today() }),
      `${tray.name}, labels`,
    ),
    name: `${slug(tray.name) || "tray"}-labels.pdf`,
  };
}
