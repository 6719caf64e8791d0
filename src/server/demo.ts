import "server-only";
import { DEMO_LOOKS, DEMO_PRODUCTS, demoJobs, demoPeople, demoRecords } from "@/demo";
import { BriefSchema } from "@/core/brief";
import { LookSchema } from "@/core/look";
import { PersonSchema } from "@/core/people";
import { ProductSchema } from "@/core/paint";
import { RecordSchema } from "@/core/record";
import { addJob, addLook, addMovement, addPerson, addProduct, addRecord, listLooks, listPeople, listProducts } from "@/store";
import { studio, today } from "./studio";

/** ISO date so many days on. */
const dayFrom = (start: string) => (offset: number) => new Date(Date.parse(`${start}T12:00:00Z`) + offset * 86_400_000).toISOString().slice(0, 10);

/** The offset of the machine's clock at a local moment, as +HH:MM. */
function localMoment(date: string, clock: string): string {
  const ahead = -new Date(`${date}T${clock}:00`).getTimezoneOffset();
  const part = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, "0");
  return `${date}T${clock}:00${ahead < 0 ? "-" : "+"}${part(ahead / 60)}:${part(ahead % 60)}`;
}

/** Loads the Weather Court when the studio is empty; a studio with anything in it is left alone. */
export async function loadDemoWhenEmpty(): Promise<boolean> {
  const db = await studio();
  const [people, products, looks] = await Promise.all([listPeople(db), listProducts(db), listLooks(db)]);
  if (people.length || products.length || looks.length) return false;
  const start = today();
  const day = dayFrom(start);
  await db.transaction().execute(async (tx) => {
    for (const { id, grams, fields } of DEMO_PRODUCTS(start)) {
      await addProduct(tx, id, ProductSchema.parse(fields));
      await addMovement(tx, { productId: id, kind: "bought", delta: fields.sizeGrams, on: start, note: "first pot" });
      if (grams < fields.sizeGrams) await addMovement(tx, { productId: id, kind: "used", delta: grams - fields.sizeGrams, on: start, note: "earlier faces" });
    }
    for (const { id, fields } of demoPeople(day)) await addPerson(tx, id, PersonSchema.parse(fields));
    for (const { id, design } of DEMO_LOOKS) await addLook(tx, id, LookSchema.parse(design));
    for (const job of demoJobs((days, clock) => localMoment(day(days), clock))) await addJob(tx, { ...job, brief: BriefSchema.parse(job.brief) });
    for (const record of demoRecords(day)) await addRecord(tx, { ...record, fields: RecordSchema.parse(record.fields) });
  });
  return true;
}
