import "server-only";
import { DEMO_LOOKS, DEMO_PRODUCTS, demoJobs, demoPeople, demoRecords, demoTrays } from "@/demo";
import { BriefSchema } from "@/core/brief";
import { TraySchema } from "@/core/kit";
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
  addTray,
  listLookHeads,
  listPeople,
  listProducts,
} from "@/store";
import { studio, today } from "./studio";

/** ISO date so many days on. */
const dayFrom = (start: string) => (offset: number) =>
  new Date(Date.parse(`${start}T12:00:00Z`) + offset * 86_400_000).toISOString().slice(0, 10);

/** The offset of the machine's clock at a local moment, as +HH:MM. */
function localMoment(date: string, clock: string): string {
  const ahead = -new Date(`${date}T${clock}:00`).getTimezoneOffset();
  const part = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, "0");
  return `${date}T${clock}:00${ahead < 0 ? "-" : "+"}${part(ahead / 60)}:${part(ahead % 60)}`;
}

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
  const day = dayFrom(start);
  await db.transaction().execute(async (tx) => {
    const pots = DEMO_PRODUCTS(start);
    for (const { id, fields } of pots) await addProduct(tx, id, ProductSchema.parse(fields));
    for (const { id, fields } of demoPeople(day))
      await addPerson(tx, id, PersonSchema.parse(fields));
    for (const { id, design } of DEMO_LOOKS) await addLook(tx, id, LookSchema.parse(design));
    for (const job of demoJobs((days, clock) => localMoment(day(days), clock)))
      await addJob(tx, { ...job, brief: BriefSchema.parse(job.brief) });
    for (const { id, fields } of demoTrays()) await addTray(tx, id, TraySchema.parse(fields));
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
