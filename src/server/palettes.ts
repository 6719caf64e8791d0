import { slug } from "@/core/text/words";
import "server-only";
import { z } from "zod";
import { paletteLabels, PAPER_KEYS } from "@/core/formats";
import {
  refill,
  RefillSchema,
  PaletteSchema,
  weighPan,
  type Movement,
  type Palette,
  type PaletteFields,
} from "@/core/kit";
import { productsUsed } from "@/core/look";
import { isProp, type Product } from "@/core/paint";
import {
  addMovement,
  addPalette,
  findJob,
  findLook,
  findProduct,
  findPalette,
  listPalettes,
  savePalette,
  setArchived,
  paletteMovements,
  type Store,
  listAllProducts,
} from "@/store";
import { fieldErrors, invalid, notFound } from "./problem";
import { shelfStart, type ShelfStart } from "./shelf";
import { newId, studio, today } from "./studio";
import { sheetPdf } from "./templates";

export const SavePaletteSchema = z
  .object({ version: z.number().int().min(1), fields: PaletteSchema })
  .strict();

/** Every palette, with the products that lie in one. */
export async function palettesShown(): Promise<{ palettes: Palette[]; products: Product[] }> {
  const db = await studio();
  const palettes = await listPalettes(db);
  const used = new Set(
    palettes.flatMap(({ pans }) =>
      pans.flatMap(({ parts }) => parts.map(({ productId }) => productId)),
    ),
  );
  return {
    palettes,
    products: (await listAllProducts(db)).filter(({ id }) => used.has(id)),
  };
}

export interface PaletteWork {
  readonly palette: Palette;
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

/** A palette with what may be laid in it. */
export async function paletteWork(id: string): Promise<PaletteWork | null> {
  const db = await studio();
  const palette = await findPalette(db, id);
  if (!palette) return null;
  const job = palette.jobId === null ? null : await findJob(db, palette.jobId);
  const look = job && (await findLook(db, job.lookId));
  const order = look ? productsUsed(look.design) : [];
  return {
    palette,
    shelf: await shelfStart(
      palette.pans.flatMap(({ parts }) => parts.map(({ productId }) => productId)),
    ),
    fills: await paletteMovements(db, id),
    today: today(),
    job: job && look && { lookId: look.id, jobId: job.id, lookName: look.design.name, order },
  };
}

/** What is laid in has to be there; what is made for no skin is not laid beside what is. @throws Problem */
async function refuseStrangers(db: Store, { pans, jobId }: PaletteFields): Promise<void> {
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
            message: `${product.name} is not made for skin and does not go into a palette of paints (SAFE-1)`,
          },
        ]);
    }
}

export async function createPalette(fields: PaletteFields): Promise<{ id: string }> {
  const db = await studio();
  await refuseStrangers(db, fields);
  const id = newId();
  await addPalette(db, id, fields);
  return { id };
}

export async function changePalette(
  id: string,
  { version, fields }: z.output<typeof SavePaletteSchema>,
): Promise<{ version: number }> {
  const db = await studio();
  if (!(await findPalette(db, id))) throw notFound("palette");
  await refuseStrangers(db, fields);
  return { version: await savePalette(db, id, version, fields) };
}

export async function archivePalette(id: string, archived: boolean): Promise<void> {
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
    const palette = await findPalette(tx, trayId);
    if (!palette) throw notFound("palette");
    const pan = palette.pans.find(({ id }) => id === panId);
    if (!pan) throw invalid([{ field: "panId", message: "is not in this palette" }]);
    const at = { trayId, panId };
    if (kind === "weighed") {
      const inIt = new Map<string, number>();
      for (const movement of await paletteMovements(tx, trayId))
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
          note: `in ${palette.name}`.slice(0, 200),
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
        note: `into ${palette.name}`.slice(0, 200),
      };
      await addMovement(tx, { ...line, delta: pot });
      await addMovement(tx, { ...line, delta: into, pan: at });
    }
    return { lines: 2 * pan.parts.length };
  });
}

const LabelsSchema = z.object({ paper: z.enum(PAPER_KEYS).default("a4") }).strict();

/** Labels of a palette to cut and stick, and its lid to lay over it, at 1:1. @throws Problem */
export async function labelsOf(
  id: string,
  query: Record<string, string>,
): Promise<{ body: Uint8Array; name: string }> {
  const asked = LabelsSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const db = await studio();
  const palette = await findPalette(db, id);
  if (!palette) throw notFound("palette");
  const products = new Map((await listAllProducts(db)).map((product) => [product.id, product]));
  return {
    body: await sheetPdf(
      paletteLabels({ palette, products, paper: asked.data.paper, today: today() }),
      `${palette.name}, labels`,
    ),
    name: `${slug(palette.name) || "palette"}-labels.pdf`,
  };
}
