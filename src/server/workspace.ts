import "server-only";
import { USUAL_BRIEF, type Brief } from "@/core/brief";
import type { ChairEvent } from "@/core/chair";
import type { Movement, Palette } from "@/core/kit";
import { isSupply, productsUsed, type Reference } from "@/core/look";
import type { Mix, Product } from "@/core/paint";
import { STAND_IN, type Person } from "@/core/people";
import { factorsOf, speedOf, type LearnedSpeed, type WornRecord } from "@/core/record";
import type { HouseChanges } from "@/core/rules";
import type { StudioSettings } from "@/core/studio";
import type { WearFactor, WearKey } from "@/core/wear";
import {
  currentHouse,
  currentSettings,
  findLook,
  jobMovements,
  lastSitting,
  listRecords,
  findPerson,
  listJobs,
  listMixes,
  listPeople,
  listProducts,
  listRecordPictures,
  listPalettes,
  listVersions,
  referenceOf,
  stockLevels,
  type Job,
  type KeptVersion,
  type RecordPicture,
  type StoredLook,
} from "@/store";
import { startsByCall } from "./callOf";
import { shelfStart, type ShelfStart } from "./shelf";
import { studio, today } from "./studio";

/** All that the chapters of a look work from; plain data, so that the browser can compute with it. */
export interface Workspace {
  readonly look: StoredLook;
  /** The job opened, or null while the look is designed on a stand-in. */
  readonly job: Job | null;
  readonly jobs: readonly {
    readonly id: string;
    readonly personName: string;
    readonly curtainAt: string | null;
    readonly place: string;
  }[];
  readonly person: Person;
  readonly brief: Brief;
  /** The picture the look is drawn from, if any. */
  readonly reference: Reference | null;
  readonly mixes: readonly Mix[];
  /** Designs of this look kept by name, the newest first. */
  readonly versions: readonly KeptVersion[];
  readonly people: readonly Person[];
  readonly products: readonly Product[];
  /** Products put away: known to looks that use them, no longer offered. */
  readonly archivedProducts: readonly Product[];
  readonly stock: Readonly<Record<string, number>>;
  /** Grams that this job used, by what was written down. */
  readonly used: Readonly<Record<string, number>>;
  /** Palettes that were laid out for this job. */
  readonly palettes: readonly Palette[];
  readonly today: string;
  /** What happened when this look was worn, the latest first. */
  readonly records: readonly WornRecord[];
  /** How each paint type wears against the house, by every record there is. */
  readonly factors: Partial<Record<WearKey, WearFactor>>;
  /** How fast this painter is on this look, by what was timed. */
  readonly speed: LearnedSpeed;
  /** What was logged at the chair of this job's last sitting. */
  readonly sitting: readonly ChairEvent[];
  /** Pictures of what was worn. */
  readonly pictures: readonly RecordPicture[];
  /** What the painter holds differently from the house. */
  readonly house: { readonly version: number; readonly changes: HouseChanges };
  /** When they sit down by the call of that day; null where nobody else is called. */
  readonly sitsAt: string | null;
  /** What holds for the whole studio. */
  readonly settings: { readonly version: number; readonly fields: StudioSettings };
}

/** What a page begins with: of a large shelf only what the look is painted with and some; the rest is fetched by whoever opened it. */
export interface OpenedWorkspace extends Workspace {
  readonly shelf: Pick<ShelfStart, "total" | "stamp">;
}

export async function openWorkspace(
  lookId: string,
  jobId?: string,
): Promise<OpenedWorkspace | null> {
  const whole = await loadWorkspace(lookId, jobId);
  if (!whole) return null;
  const used = [
    ...productsUsed(whole.look.design),
    ...whole.mixes.flatMap(({ parts }) => parts.map(({ productId }) => productId)),
    ...whole.versions.flatMap(({ design }) => productsUsed(design)),
    ...whole.products.filter(isSupply).map(({ id }) => id),
  ];
  const { items, total, stamp } = await shelfStart(used);
  if (items.length >= total) return { ...whole, shelf: { total, stamp } };
  const [near, named] = [new Set(items.map(({ id }) => id)), new Set(used)];
  return {
    ...whole,
    products: whole.products.filter(({ id }) => near.has(id)),
    archivedProducts: whole.archivedProducts.filter(({ id }) => named.has(id)),
    stock: Object.fromEntries(items.map(({ id, left }) => [id, left])),
    shelf: { total, stamp },
  };
}

const usedBy = (
  movements: readonly Pick<Movement, "productId" | "delta">[],
): Record<string, number> =>
  movements.reduce<Record<string, number>>(
    (sums, { productId, delta }) => ({ ...sums, [productId]: (sums[productId] ?? 0) - delta }),
    {},
  );

/** Loads a look with one of its jobs: the one asked for, or the next to come. */
export async function loadWorkspace(lookId: string, jobId?: string): Promise<Workspace | null> {
  const db = await studio();
  const look = await findLook(db, lookId);
  if (!look) return null;
  const jobs = await listJobs(db, { lookId });
  const now = new Date().toISOString();
  const upcoming = jobs.find(
    (job) => job.brief.curtainAt && new Date(job.brief.curtainAt).toISOString() >= now,
  );
  const job = jobs.find(({ id }) => id === jobId) ?? upcoming ?? jobs.at(-1) ?? null;
  const people = await listPeople(db);
  const person = job && (await findPerson(db, job.personId));
  const nameOf = async (id: string) =>
    people.find((entry) => entry.id === id)?.name ?? (await findPerson(db, id))?.name ?? "somebody";
  const [records, all] = [await listRecords(db, { lookId }), await listRecords(db)];
  return {
    look,
    job,
    person: person ?? STAND_IN,
    brief: job?.brief ?? USUAL_BRIEF,
    people,
    reference: await referenceOf(db, lookId),
    mixes: await listMixes(db),
    versions: await listVersions(db, lookId),
    products: await listProducts(db),
    archivedProducts: await listProducts(db, { archived: true }),
    stock: Object.fromEntries(await stockLevels(db)),
    used: job ? usedBy(await jobMovements(db, job.id)) : {},
    palettes: job ? (await listPalettes(db)).filter(({ jobId: packed }) => packed === job.id) : [],
    today: today(),
    house: await currentHouse(db),
    settings: await currentSettings(db),
    records,
    factors: factorsOf(all),
    speed: speedOf(all, lookId),
    sitting: await lastSitting(db, lookId, job?.id ?? null),
    pictures: await listRecordPictures(
      db,
      records.map(({ id }) => id),
    ),
    sitsAt: job && ((await startsByCall([job])).get(job.id) ?? null),
    jobs: await Promise.all(
      jobs.map(async ({ id, personId, brief }) => ({
        id,
        personName: await nameOf(personId),
        curtainAt: brief.curtainAt,
        place: brief.place,
      })),
    ),
  };
}
