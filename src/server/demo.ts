import { format, parseISO } from "date-fns";
import { addDays } from "@/core/days";
import "server-only";
import { DEMO_LOOKS, DEMO_PRODUCTS, demoJobs, demoPeople, demoRecords, demoPalettes } from "@/demo";
import { BriefSchema } from "@/core/brief";
import { PaletteSchema } from "@/core/kit";
import { LookSchema } from "@/core/look";
import { PersonSchema } from "@/core/people";
import { ProductSchema } from "@/core/paint";
import { RecordSchema } from "@/core/record";
import {
  addJob,
  addLook,
  addMovement,
  addPerson,
  addProduct,
  addRecord,
  addPalette,
  listLookHeads,
  listPeople,
  listProducts,
} from "@/store";
import { studio, today } from "./studio";

/** A moment on the machine's clock, ISO 8601 with its offset there and then. */
const localMoment = (date: string, clock: string): string =>
  format(parseISO(`${date}T${clock}:00`), "yyyy-MM-dd'T'HH:mm:ssxxx");

/** Loads the Weather Court when the studio is empty; a studio with anything in it is left alone. */
export async function loadDemoWhenEmpty(): Promise<boolean> {
  const db = await studio();
  const [people, products, looks] = await Promise.all([
    listPeople(db),
    listProducts(db),
    listLookHeads(db),
  ]);
  if (people.length || products.length || looks.length) return false;
  const start = today();
  const day = (offset: number) => addDays(start, offset);
  await db.transaction().execute(async (tx) => {
    const pots = DEMO_PRODUCTS(start);
    for (const { id, fields } of pots) await addProduct(tx, id, ProductSchema.parse(fields));
    for (const { id, fields } of demoPeople(day))
      await addPerson(tx, id, PersonSchema.parse(fields));
    for (const { id, design } of DEMO_LOOKS) await addLook(tx, id, LookSchema.parse(design));
    for (const job of demoJobs((days, clock) => localMoment(day(days), clock)))
      await addJob(tx, { ...job, brief: BriefSchema.parse(job.brief) });
    for (const { id, fields } of demoPalettes())
      await addPalette(tx, id, PaletteSchema.parse(fields));
    const rehearsed = new Set(
      DEMO_LOOKS.find(({ id }) => id === "sundog")?.design.layers.flatMap(({ paint }) =>
        paint.kind === "product" ? [paint.productId] : [],
      ),
    );
    for (const [i, { id, grams, fields }] of pots.entries()) {
      // Bought over half a year; what is gone went on in the dress run, or in earlier faces.
      await addMovement(tx, {
        productId: id,
        kind: "bought",
        delta: fields.sizeGrams,
        on: fields.openedOn ?? day(-20 - ((i * 29) % 140)),
        note: "first pot",
        priceMinor: fields.priceMinor,
        batch: `L${String(2400 + ((i * 37) % 380))}`,
      });
      if (grams < fields.sizeGrams)
        await addMovement(tx, {
          productId: id,
          kind: "used",
          delta: grams - fields.sizeGrams,
          on: rehearsed.has(id) ? day(-3) : day(-10 - ((i * 23) % 60)),
          note: rehearsed.has(id) ? "Sundog" : "earlier faces",
          jobId: rehearsed.has(id) ? "sundog-dress" : null,
        });
    }
    for (const record of demoRecords(day))
      await addRecord(tx, { ...record, fields: RecordSchema.parse(record.fields) });
  });
  return true;
}
