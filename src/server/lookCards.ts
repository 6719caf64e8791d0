import "server-only";
import { packingList, type PackingList } from "@/core/kit";
import { USUAL_BRIEF } from "@/core/brief";
import { STAND_IN } from "@/core/people";
import { makePlan, type Plan } from "@/core/plan";
import { productsAlong, contextOf, speedOf, type StoredContext } from "@/core/record";
import {
  countLooks,
  findJob,
  findLook,
  findLooks,
  findPerson,
  listJobs,
  listLookHeads,
  listPeople,
  listTags,
  type Job,
  type LookFilter,
  type StoredLook,
} from "@/store";
import { startsByCall, type Starts } from "./callOf";
import { lookPicture, markOf } from "./lookPicture";
import { notFound } from "./problem";
import { studio, today } from "./studio";

import { planInput, type PlanInput } from "./planInput";

export interface LookCard {
  readonly look: StoredLook;
  readonly job: Job | null;
  readonly personName: string | null;
  /** What its figure is worked out from: of the shelf what it is painted with. */ readonly given: StoredContext;
  /** Of its picture: another where it would look otherwise. */ readonly mark: string;
  readonly plan: Plan;
  readonly packing: PackingList;
}

const cards = new Map<string, { readonly of: readonly unknown[]; readonly card: LookCard }>();
/** More cards than this are on no screen at once. */
const MOST_CARDS = 200;

/** A look with its plan; the same card as before while nothing it is made from has changed. */
export async function cardOf(
  look: StoredLook,
  job: Job | null,
  { stock, records, ...stored }: PlanInput,
  starts: Starts,
): Promise<LookCard> {
  const person = job && (await findPerson(await studio(), job.personId));
  const sitsAt = (job && starts.get(job.id)) ?? null;
  const key = `${look.id} ${job?.id ?? ""}`;
  const of = [
    look,
    job?.version,
    person?.id,
    person?.version,
    stock,
    stored.products,
    stored.archivedProducts,
    stored.house.version,
    stored.settings.version,
    stored.today,
    records.map(({ id, version }) => `${id} ${version}`).join(),
    sitsAt,
  ];
  const known = cards.get(key);
  if (known && known.of.every((value, i) => value === of[i])) return known.card;
  const context = contextOf({
    ...stored,
    person: person ?? STAND_IN,
    brief: job?.brief ?? USUAL_BRIEF,
    speed: speedOf(records, look.id),
    sitsAt,
  });
  const given: StoredContext = {
    person: person ?? STAND_IN,
    brief: job?.brief ?? USUAL_BRIEF,
    products: productsAlong([look.design], stored),
    today: stored.today,
    house: stored.house,
    settings: stored.settings,
    factors: stored.factors ?? {},
    speed: context.speed,
  };
  const plan = makePlan(look.design, context, stock);
  const card = {
    look,
    job,
    personName: person?.name ?? null,
    given,
    mark: markOf({ look: look.design, stored: given }),
    plan,
    packing: packingList([{ look: look.design, context, needs: plan.kit }]),
  };
  if (cards.size >= MOST_CARDS) cards.clear();
  cards.set(key, { of, card });
  return card;
}

/** The picture of a look's card. @throws Problem 404 for a look that isn't there, or a job that is not one of it */
export async function cardPicture(
  lookId: string,
  jobId: string | null,
  asked: string | null,
): Promise<Response> {
  const db = await studio();
  const look = await findLook(db, lookId);
  if (!look) throw notFound("look");
  const job = jobId === null ? null : await findJob(db, jobId);
  if (jobId !== null && job?.lookId !== lookId) throw notFound("job");
  const { given, mark } = await cardOf(
    look,
    job,
    await planInput(),
    await startsByCall(job ? [job] : []),
  );
  const picture = await lookPicture({ look: look.design, stored: given });
  return new Response(new Uint8Array(picture), {
    headers: {
      "content-type": "image/webp",
      // Its mark says all that it is made from. A day, no longer: it is somebody's face.
      "cache-control": asked === mark ? "private, max-age=86400, immutable" : "no-store",
    },
  });
}

/** Jobs over for so long are no longer next. */
const OVER_MS = 6 * 3_600_000;
export const isAhead = ({ brief }: Job): boolean =>
  brief.curtainAt !== null && Date.parse(brief.curtainAt) >= Date.now() - OVER_MS;

/** Which looks are shown by their jobs. */
export type When = "ahead" | "none";
const isWhen = (text: string | undefined): text is When => text === "ahead" || text === "none";

/** What is asked of the page of looks, as it stands in its address. */
export interface LooksAsked {
  readonly find?: string | undefined;
  readonly tag?: string | undefined;
  readonly when?: string | undefined;
  readonly page?: string | undefined;
}

export interface LooksShown {
  readonly cards: readonly LookCard[];
  readonly count: number;
  readonly find: string;
  readonly tag: string | null;
  readonly when: When | null;
  readonly tags: readonly { readonly tag: string; readonly looks: number }[];
  /** For whom a series may be planned. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly today: string;
  readonly page: number;
  readonly pages: number;
}
/** Looks on a page: what is drawn is planned. */
const A_PAGE = 24;

/** A page of looks, those worked on last first, each with its plan on its next person. */
export async function lookCards(asked: LooksAsked = {}): Promise<LooksShown> {
  const db = await studio();
  const find = (asked.find ?? "").trim().slice(0, 80);
  const tags = await listTags(db);
  const wanted = asked.tag?.trim().slice(0, 30);
  const tag = tags.find((one) => one.tag.toLowerCase() === wanted?.toLowerCase())?.tag ?? wanted;
  const when = isWhen(asked.when) ? asked.when : null;
  const jobs = await listJobs(db);
  const withJobs = when === "ahead" ? jobs.filter(isAhead) : jobs;
  const filter: LookFilter = {
    find,
    tag,
    among: when
      ? { ids: [...new Set(withJobs.map(({ lookId }) => lookId))], are: when === "ahead" }
      : undefined,
  };
  const count = await countLooks(db, filter);
  const pages = Math.max(1, Math.ceil(count / A_PAGE));
  const page = Math.min(pages, Math.max(1, Math.floor(Number(asked.page) || 1)));
  const all = await planInput();
  const nextOf = (lookId: string) => {
    const own = jobs.filter((job) => job.lookId === lookId);
    return own.find(isAhead) ?? own.at(-1) ?? null;
  };
  const heads = await listLookHeads(db, { ...filter, from: (page - 1) * A_PAGE, most: A_PAGE });
  const looks = await findLooks(
    db,
    heads.map(({ id }) => id),
  );
  const shown = looks.map((look) => ({ look, job: nextOf(look.id) }));
  const starts = await startsByCall(shown.flatMap(({ job }) => job ?? []));
  return {
    cards: await Promise.all(shown.map(({ look, job }) => cardOf(look, job, all, starts))),
    count,
    find,
    tag: tag || null,
    when,
    tags,
    people: (await listPeople(db)).map(({ id, name }) => ({ id, name })),
    today: today(),
    page,
    pages,
  };
}
