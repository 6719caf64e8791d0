import "server-only";
import { addMonths, expiry, isLow, planKit } from "@/core/kit";
import type { LookContext } from "@/core/look";
import { USUAL_BRIEF } from "@/core/brief";
import { readingsDue, STAND_IN } from "@/core/people";
import { buildList } from "@/core/piece";
import { makePlan, type Plan } from "@/core/plan";
import { contextOf, factorsOf, speedOf, type StoredSetting, type WornRecord } from "@/core/record";
import { houseOf } from "@/core/rules";
import { currentHouse, findPerson, listJobs, listLooks, listPeople, listProducts, listRecords, stockLevels, type Job, type StoredLook } from "@/store";
import { studio, today } from "./studio";

export interface LookCard { readonly look: StoredLook; readonly job: Job | null; readonly personName: string | null; readonly context: LookContext; readonly plan: Plan }

type Shared = Omit<StoredSetting, "person" | "brief"> & { readonly stock: Map<string, number>; readonly records: readonly WornRecord[] };

async function cardOf(look: StoredLook, job: Job | null, { stock, records, ...setting }: Shared): Promise<LookCard> {
  const person = job && (await findPerson(await studio(), job.personId));
  const context = contextOf({ ...setting, person: person ?? STAND_IN, brief: job?.brief ?? USUAL_BRIEF, speed: speedOf(records, look.id) });
  return { look, job, personName: person?.name ?? null, context, plan: makePlan(look.design, context, stock) };
}

async function shared(): Promise<Shared> {
  const db = await studio();
  const records = await listRecords(db);
  return { products: await listProducts(db), archivedProducts: await listProducts(db, { archived: true }), stock: await stockLevels(db), house: await currentHouse(db), factors: factorsOf(records), records, today: today() };
}

/** Jobs over for so long are no longer next. */
const OVER_MS = 6 * 3_600_000;
const isAhead = ({ brief }: Job): boolean => brief.curtainAt !== null && Date.parse(brief.curtainAt) >= Date.now() - OVER_MS;

/** Every look with its plan on its next person. */
export async function lookCards(): Promise<LookCard[]> {
  const db = await studio();
  const all = await shared();
  const jobs = await listJobs(db);
  const nextOf = (lookId: string) => { const own = jobs.filter((job) => job.lookId === lookId); return own.find(isAhead) ?? own.at(-1) ?? null; };
  return Promise.all((await listLooks(db)).map((look) => cardOf(look, nextOf(look.id), all)));
}

export interface Today {
  readonly date: string;
  readonly next: readonly LookCard[];
  readonly patchTests: readonly { readonly personName: string; readonly personId: string; readonly productName: string; readonly on: string; readonly reading: "first" | "late"; readonly due: string }[];
  readonly expiring: readonly { readonly id: string; readonly name: string; readonly date: string; readonly past: boolean }[];
  readonly low: readonly { readonly id: string; readonly name: string; readonly left: number; readonly size: number }[];
  /** What the next jobs are short of, and when it has to be ordered. */
  readonly orders: readonly { readonly productId: string | null; readonly name: string; readonly missing: number; readonly by: string; readonly looks: readonly string[] }[];
  /** Pieces that are still to be built or ordered, the soonest first. */
  readonly builds: readonly { readonly lookId: string; readonly jobId: string; readonly name: string; readonly look: string; readonly startOn: string; readonly next: string }[];
  /** Jobs that were worn and nothing was taken down of. */
  readonly unrecorded: readonly { readonly lookId: string; readonly jobId: string; readonly look: string; readonly personName: string; readonly on: string }[];
  readonly looks: number;
  readonly products: number;
}

const daysFrom = (iso: string, days: number): string => new Date(Date.parse(`${iso.slice(0, 10)}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

/** What the next jobs are short of together, as the planning of the shelf has it. */
function ordersFor(cards: readonly LookCard[], { products, stock }: Pick<Shared, "products" | "stock">, leadDays: number): Today["orders"] {
  const jobs = cards.flatMap(({ look, job, plan }) => (job ? [{ jobId: job.id, name: look.design.name, on: job.brief.curtainAt?.slice(0, 10) ?? null, needs: plan.kit }] : []));
  const { lines } = planKit(jobs, stock, new Map(products.map((product) => [product.id, product])), leadDays);
  return lines.flatMap(({ productId, name, missing, orderBy, byJob }) => (orderBy ? [{ productId, name, missing, by: orderBy, looks: [...new Set(byJob.filter(({ short }) => short).flatMap(({ jobId }) => jobs.find((job) => job.jobId === jobId)?.name ?? []))] }] : []));
}

function buildsFor(cards: readonly LookCard[]): Today["builds"] {
  return cards.flatMap(({ look, job }) => (job?.brief.curtainAt ? look.design.pieces.flatMap((piece) => {
    const { startOn, steps } = buildList(piece, job.brief.curtainAt ?? "");
    const next = steps.find(({ done }) => !done);
    return startOn && next ? [{ lookId: look.id, jobId: job.id, name: piece.name, look: look.design.name, startOn, next: next.words }] : [];
  }) : [])).sort((a, b) => a.startOn.localeCompare(b.startOn));
}

/** Jobs older than this are not asked after any more, days. */
const ASKED_DAYS = 60;

async function unrecorded(jobs: readonly Job[], looks: readonly StoredLook[], records: readonly WornRecord[], date: string): Promise<Today["unrecorded"]> {
  // A rehearsal is no record of how it was worn.
  const taken = new Set(records.flatMap(({ jobId, rehearsal }) => (jobId && !rehearsal ? [jobId] : [])));
  const db = await studio();
  const missing = jobs.filter((job) => job.brief.curtainAt && !isAhead(job) && !taken.has(job.id) && job.brief.curtainAt.slice(0, 10) >= daysFrom(date, -ASKED_DAYS));
  return (await Promise.all(missing.map(async (job) => {
    const look = looks.find(({ id }) => id === job.lookId);
    return look ? [{ lookId: look.id, jobId: job.id, look: look.design.name, personName: (await findPerson(db, job.personId))?.name ?? "somebody", on: (job.brief.curtainAt ?? "").slice(0, 10) }] : [];
  }))).flat();
}

/** What waits: the next jobs counting back, patch tests to read, pots that run out or go off. */
export async function loadToday(): Promise<Today> {
  const db = await studio();
  const date = today();
  const all = await shared();
  const house = houseOf(all.house.changes, all.house.version);
  const looks = await listLooks(db);
  const jobs = await listJobs(db);
  const upcoming = jobs.filter(isAhead);
  const next = (await Promise.all(upcoming.slice(0, 6).map((job) => {
    const look = looks.find((entry) => entry.id === job.lookId);
    return look ? cardOf(look, job, all) : null;
  }))).filter((card): card is LookCard => card !== null);
  const nameOf = (id: string) => [...all.products, ...(all.archivedProducts ?? [])].find((product) => product.id === id)?.name ?? "a product";
  const soon = addMonths(date, 1);
  const onShelf = all.products;
  return {
    orders: ordersFor(next, all, house.numbers.leadDays), builds: buildsFor(next), unrecorded: await unrecorded(jobs, looks, all.records, date),
    date, next, looks: looks.length, products: onShelf.length,
    patchTests: (await listPeople(db)).flatMap((person) => readingsDue(person, house).map((test) => ({ ...test, personName: person.name, personId: person.id, productName: nameOf(test.productId) }))),
    expiring: onShelf.flatMap((product) => { const best = expiry(product, date); return best && best.date <= soon ? [{ id: product.id, name: product.name, ...best }] : []; }).sort((a, b) => a.date.localeCompare(b.date)),
    low: onShelf.flatMap((product) => { const left = all.stock.get(product.id) ?? 0; return isLow(product, left) ? [{ id: product.id, name: product.name, left, size: product.sizeGrams }] : []; }),
  };
}
