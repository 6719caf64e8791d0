import "server-only";
import { addMonths, expiry } from "@/core/kit";
import { lookContext, type LookContext } from "@/core/look";
import { USUAL_BRIEF } from "@/core/brief";
import { readingsDue, STAND_IN } from "@/core/people";
import { makePlan, type Plan } from "@/core/plan";
import type { House } from "@/core/rules";
import { findPerson, listJobs, listLooks, listPeople, listProducts, stockLevels, type Job, type StoredLook } from "@/store";
import { house } from "./house";
import { studio, today } from "./studio";

export interface LookCard { readonly look: StoredLook; readonly job: Job | null; readonly personName: string | null; readonly context: LookContext; readonly plan: Plan }

async function cardOf(look: StoredLook, job: Job | null, shared: { products: Awaited<ReturnType<typeof listProducts>>; stock: Map<string, number>; house: House }): Promise<LookCard> {
  const person = job && (await findPerson(await studio(), job.personId));
  const context = lookContext({ person: person ?? STAND_IN, brief: job?.brief ?? USUAL_BRIEF, products: shared.products, today: today(), house: shared.house });
  return { look, job, personName: person?.name ?? null, context, plan: makePlan(look.design, context, shared.stock) };
}

async function sharedShelf() {
  const db = await studio();
  return { products: [...(await listProducts(db)), ...(await listProducts(db, { archived: true }))], stock: await stockLevels(db), house: await house() };
}

/** Every look with its plan on its next person. */
export async function lookCards(): Promise<LookCard[]> {
  const db = await studio();
  const shared = await sharedShelf();
  const jobs = await listJobs(db);
  return Promise.all((await listLooks(db)).map((look) => cardOf(look, jobs.find((job) => job.lookId === look.id) ?? null, shared)));
}

export interface Today {
  readonly date: string;
  readonly next: readonly LookCard[];
  readonly patchTests: readonly { readonly personName: string; readonly personId: string; readonly productName: string; readonly on: string; readonly reading: "first" | "late"; readonly due: string }[];
  readonly expiring: readonly { readonly id: string; readonly name: string; readonly date: string; readonly past: boolean }[];
  readonly low: readonly { readonly id: string; readonly name: string; readonly left: number; readonly size: number }[];
  readonly looks: number;
  readonly products: number;
}

/** A pot under this share of its size is running low. Common practice, no published source. */
const LOW_SHARE = 0.15;

/** What waits: the next jobs counting back, patch tests to read, pots that run out or go off. */
export async function loadToday(): Promise<Today> {
  const db = await studio();
  const date = today();
  const shared = await sharedShelf();
  const looks = await listLooks(db);
  const since = new Date(Date.now() - 6 * 3_600_000).toISOString();
  const upcoming = (await listJobs(db)).filter((job) => job.brief.curtainAt && new Date(job.brief.curtainAt).toISOString() >= since);
  const next = (await Promise.all(upcoming.slice(0, 6).map((job) => {
    const look = looks.find((entry) => entry.id === job.lookId);
    return look ? cardOf(look, job, shared) : null;
  }))).filter((card): card is LookCard => card !== null);
  const nameOf = (id: string) => shared.products.find((product) => product.id === id)?.name ?? "a product";
  const soon = addMonths(date, 1);
  const onShelf = await listProducts(db);
  return {
    date, next, looks: looks.length, products: onShelf.length,
    patchTests: (await listPeople(db)).flatMap((person) => readingsDue(person, shared.house).map((test) => ({ ...test, personName: person.name, personId: person.id, productName: nameOf(test.productId) }))),
    expiring: onShelf.flatMap((product) => { const best = expiry(product, date); return best && best.date <= soon ? [{ id: product.id, name: product.name, ...best }] : []; }).sort((a, b) => a.date.localeCompare(b.date)),
    low: onShelf.flatMap((product) => { const left = shared.stock.get(product.id) ?? 0; return left < product.sizeGrams * LOW_SHARE ? [{ id: product.id, name: product.name, left, size: product.sizeGrams }] : []; }),
  };
}
