import { addDays, addMonths } from "@/core/days";
import "server-only";
import { expiry, isLow, planKit } from "@/core/kit";
import type { Product } from "@/core/paint";
import { readingsDue } from "@/core/people";
import { buildList } from "@/core/piece";
import { knownProducts, type WornRecord } from "@/core/record";
import { houseOf } from "@/core/rules";
import {
  countLooks,
  findLooks,
  findPerson,
  listJobs,
  listPeople,
  type Job,
  type StoredLook,
} from "@/store";
import { studio, today } from "./studio";

import { startsByCall } from "./callOf";
import { cardOf, isAhead, type LookCard } from "./lookCards";
import { planInput, type PlanInput } from "./planInput";

/** A pot that runs out or goes off is told among so many; the rest is counted. */
const TOLD = 40;

/** The first of a list, and how many more there are. */
export interface Told<T> {
  readonly list: readonly T[];
  readonly more: number;
}
const told = <T>(list: readonly T[]): Told<T> => ({
  list: list.slice(0, TOLD),
  more: Math.max(0, list.length - TOLD),
});

export interface Today {
  readonly date: string;
  readonly next: readonly LookCard[];
  readonly patchTests: readonly {
    readonly personName: string;
    readonly personId: string;
    readonly productName: string;
    readonly on: string;
    readonly reading: "first" | "late";
    readonly due: string;
  }[];
  readonly expiring: Told<{
    readonly id: string;
    readonly name: string;
    readonly date: string;
    readonly past: boolean;
  }>;
  readonly low: Told<{
    readonly id: string;
    readonly name: string;
    readonly left: number;
    readonly size: number;
    readonly counted: Product["counted"];
  }>;
  /** What the next jobs are short of, and when it has to be ordered. */
  readonly orders: readonly {
    readonly productId: string | null;
    readonly name: string;
    readonly missing: number;
    readonly by: string;
    readonly looks: readonly string[];
  }[];
  /** Pieces that are still to be built or ordered, the soonest first. */
  readonly builds: readonly {
    readonly lookId: string;
    readonly jobId: string;
    readonly name: string;
    readonly look: string;
    readonly startOn: string;
    readonly next: string;
  }[];
  /** Jobs that were worn and nothing was taken down of. */
  readonly unrecorded: readonly {
    readonly lookId: string;
    readonly jobId: string;
    readonly look: string;
    readonly personName: string;
    readonly on: string;
  }[];
  readonly looks: number;
  readonly products: number;
}

/** What the next jobs are short of together, as the planning of the shelf has it. */
function ordersFor(
  cards: readonly LookCard[],
  { products, stock }: Pick<PlanInput, "products" | "stock">,
  leadDays: number,
): Today["orders"] {
  const jobs = cards.flatMap(({ look, job, plan }) =>
    job
      ? [
          {
            jobId: job.id,
            name: look.design.name,
            on: job.brief.curtainAt?.slice(0, 10) ?? null,
            needs: plan.kit,
          },
        ]
      : [],
  );
  const { lines } = planKit(
    jobs,
    stock,
    new Map(products.map((product) => [product.id, product])),
    leadDays,
  );
  return lines.flatMap(({ productId, name, missing, orderBy, byJob }) =>
    orderBy
      ? [
          {
            productId,
            name,
            missing,
            by: orderBy,
            looks: [
              ...new Set(
                byJob
                  .filter(({ short }) => short)
                  .flatMap(({ jobId }) => jobs.find((job) => job.jobId === jobId)?.name ?? []),
              ),
            ],
          },
        ]
      : [],
  );
}

function buildsFor(cards: readonly LookCard[]): Today["builds"] {
  return cards
    .flatMap(({ look, job }) =>
      job?.brief.curtainAt
        ? look.design.pieces.flatMap((piece) => {
            const { startOn, steps } = buildList(piece, job.brief.curtainAt ?? "");
            const next = steps.find(({ done }) => !done);
            return startOn && next
              ? [
                  {
                    lookId: look.id,
                    jobId: job.id,
                    name: piece.name,
                    look: look.design.name,
                    startOn,
                    next: next.words,
                  },
                ]
              : [];
          })
        : [],
    )
    .sort((a, b) => a.startOn.localeCompare(b.startOn));
}

/** Jobs older than this are not asked after any more, days. */
const ASKED_DAYS = 60;

async function unrecorded(
  jobs: readonly Job[],
  looks: readonly StoredLook[],
  records: readonly WornRecord[],
): Promise<Today["unrecorded"]> {
  // A rehearsal is no record of how it was worn.
  const taken = new Set(
    records.flatMap(({ jobId, rehearsal }) => (jobId && !rehearsal ? [jobId] : [])),
  );
  const db = await studio();
  const missing = jobs.filter((job) => !taken.has(job.id));
  return (
    await Promise.all(
      missing.map(async (job) => {
        const look = looks.find(({ id }) => id === job.lookId);
        return look
          ? [
              {
                lookId: look.id,
                jobId: job.id,
                look: look.design.name,
                personName: (await findPerson(db, job.personId))?.name ?? "somebody",
                on: (job.brief.curtainAt ?? "").slice(0, 10),
              },
            ]
          : [];
      }),
    )
  ).flat();
}

const gone = new WeakMap<
  object,
  { readonly on: string; readonly list: Today["expiring"]["list"] }
>();

/** What goes off within a month, the soonest first; looked for once a day on each state of the shelf. */
function goingOff(products: readonly Product[], on: string): Today["expiring"]["list"] {
  const known = gone.get(products);
  if (known?.on === on) return known.list;
  const soon = addMonths(on, 1);
  const list = products
    .flatMap((product) => {
      const best = expiry(product, on);
      return best && best.date <= soon ? [{ id: product.id, name: product.name, ...best }] : [];
    })
    .sort((a, b) => a.date.localeCompare(b.date));
  gone.set(products, { on, list });
  return list;
}

/** What waits: the next jobs counting back, patch tests to read, pots that run out or go off. */
export async function loadToday(): Promise<Today> {
  const db = await studio();
  const date = today();
  const all = await planInput();
  const house = houseOf(all.house.changes, all.house.version);
  const jobs = await listJobs(db);
  const upcoming = jobs.filter(isAhead);
  const over = jobs.filter(
    (job) =>
      job.brief.curtainAt &&
      !isAhead(job) &&
      job.brief.curtainAt.slice(0, 10) >= addDays(date, -ASKED_DAYS),
  );
  const looks = (
    await findLooks(
      db,
      [...upcoming.slice(0, 6), ...over].map(({ lookId }) => lookId),
    )
  ).filter(({ archived }) => !archived);
  const starts = await startsByCall(upcoming.slice(0, 6));
  const next = await Promise.all(
    upcoming.slice(0, 6).flatMap((job) => {
      const look = looks.find((entry) => entry.id === job.lookId);
      return look ? [cardOf(look, job, all, starts)] : [];
    }),
  );
  const named = new Map(knownProducts(all).map((product) => [product.id, product.name]));
  const nameOf = (id: string) => named.get(id) ?? "a product";
  const onShelf = all.products;
  return {
    orders: ordersFor(next, all, house.numbers.leadDays),
    builds: buildsFor(next),
    unrecorded: await unrecorded(over, looks, all.records),
    date,
    next,
    looks: await countLooks(db),
    products: onShelf.length,
    patchTests: (await listPeople(db)).flatMap((person) =>
      readingsDue(person, house).map((test) => ({
        ...test,
        personName: person.name,
        personId: person.id,
        productName: nameOf(test.productId),
      })),
    ),
    expiring: told(goingOff(onShelf, date)),
    low: told(
      onShelf.flatMap((product) => {
        const left = all.stock.get(product.id) ?? 0;
        return isLow(product, left)
          ? [
              {
                id: product.id,
                name: product.name,
                left,
                size: product.sizeGrams,
                counted: product.counted,
              },
            ]
          : [];
      }),
    ),
  };
}
