import { draftKeys, dropDraft } from "./saver/drafts";

/** Names under which the chair's page and its log are kept in a browser; public/chair-worker.js uses the first. */
const CHAIR_CACHES = "dermagraph-chair-";
export const CHAIR_LOG = "dermagraph.chair.";

/** One build's own name: what was kept of another build is out of date. Set in next.config.ts. */
export const BUILD = process.env.BUILD ?? "unnamed";

export const CHAIR_WORKER = `/chair-worker.js?build=${BUILD}`;

async function dropCaches(isOld: (name: string) => boolean): Promise<void> {
  if (!("caches" in window)) return;
  const kept = (await caches.keys()).filter((name) => name.startsWith(CHAIR_CACHES));
  await Promise.all(kept.filter(isOld).map((name) => caches.delete(name)));
}

let healing: Promise<void> | null = null;

/**
 * Done once what other builds kept in this browser is gone. Waited for before any worker is started:
 * an early build kept one worker's script in the place of every other's.
 */
export function healed(): Promise<void> {
  healing ??= dropCaches((name) => name !== CHAIR_CACHES + BUILD).catch(() => undefined);
  return healing;
}

/** Drops the log of a chair, unless the studio has not taken all of it yet. */
function dropLog(key: string): void {
  const { events = [], sent = [] } = JSON.parse(localStorage.getItem(key) ?? "{}") as {
    events?: { id: string }[];
    sent?: string[];
  };
  if (events.every(({ id }) => sent.includes(id))) localStorage.removeItem(key);
}

const keysOf = (prefix: string): string[] =>
  Object.keys(localStorage).filter((key) => key.startsWith(prefix));

/** Forgets the pages and logs of chairs that this browser keeps: they name whoever was painted. What the studio has not taken yet stays. */
export async function dropKeptChairs(): Promise<void> {
  await dropCaches(() => true);
  for (const key of keysOf(CHAIR_LOG)) dropLog(key);
}

/** The job of a chair's address, /chair/look/job. */
const jobOf = (url: string): string | null =>
  /^\/chair\/[^/]+\/([^/]+)/.exec(new URL(url).pathname)?.[1] ?? null;

/**
 * What this browser keeps of jobs and people that are gone or put away is forgotten: pages of
 * chairs, logs, and drafts, which name whoever was painted. Nothing is asked while nothing is kept.
 */
export async function dropGone(): Promise<void> {
  const cache = "caches" in window ? await caches.open(CHAIR_CACHES + BUILD) : null;
  const pages = (await cache?.keys()) ?? [];
  const logs = keysOf(CHAIR_LOG);
  const logged = logs.map((key) => key.slice(CHAIR_LOG.length).split(".")[1] ?? "");
  const drafts = draftKeys().map((key) => ({ key, ...ofWhom(key) }));
  const asked = {
    jobs: idsOf([
      ...pages.map(({ url }) => jobOf(url)),
      ...logged,
      ...drafts.map(({ job }) => job),
    ]),
    people: idsOf(drafts.map(({ person }) => person)),
  };
  if (!asked.jobs && !asked.people) return;
  const response = await fetch(`/api/gone?${new URLSearchParams(asked).toString()}`);
  if (!response.ok) return;
  const gone = (await response.json()) as { jobs: string[]; people: string[] };
  for (const request of pages)
    if (gone.jobs.includes(jobOf(request.url) ?? "")) await cache?.delete(request);
  logs.forEach((key, i) => {
    if (gone.jobs.includes(logged[i] ?? "")) localStorage.removeItem(key);
  });
  for (const { key, job, person } of drafts)
    if (gone.jobs.includes(job ?? "") || gone.people.includes(person ?? "")) dropDraft(key);
}

/** Whose draft it is, by its key: job.ID, person.ID, record.LOOK.JOB. */
function ofWhom(key: string): { job: string | null; person: string | null } {
  const [kind, first = null, second = null] = key.split(".");
  return {
    job: kind === "job" ? first : kind === "record" ? second : null,
    person: kind === "person" && first !== "new" ? first : null,
  };
}

const idsOf = (ids: readonly (string | null)[]): string =>
  [...new Set(ids.filter((id) => id && id !== "anyone"))].join(",");
