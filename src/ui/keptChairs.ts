/** Names under which the chair's page and its log are kept in a browser; public/chair-worker.js uses the first. */
const CHAIR_CACHES = "dermagraph-chair-";
export const CHAIR_LOG = "dermagraph.chair.";

/** One build's own name: what was kept of another build is out of date. Set in next.config.ts. */
const BUILD = process.env.BUILD ?? "unnamed";

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

/** Forgets the pages and logs of chairs that this browser keeps: they name whoever was painted. What the studio has not taken yet stays. */
export async function dropKeptChairs(): Promise<void> {
  await dropCaches(() => true);
  for (const key of Object.keys(localStorage).filter((entry) => entry.startsWith(CHAIR_LOG))) {
    const { events = [], sent = [] } = JSON.parse(localStorage.getItem(key) ?? "{}") as {
      events?: { id: string }[];
      sent?: string[];
    };
    if (events.every(({ id }) => sent.includes(id))) localStorage.removeItem(key);
  }
}
