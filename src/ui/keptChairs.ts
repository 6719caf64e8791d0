/** Names under which the chair's page and its log are kept in a browser; the worker in public/ uses the first. */
export const CHAIR_CACHE = "dermagraph-chair-";
export const CHAIR_LOG = "dermagraph.chair.";

/** Forgets the pages and logs of chairs that this browser keeps: they name whoever was painted. What the studio has not taken yet stays. */
export async function dropKeptChairs(): Promise<void> {
  if ("caches" in window)
    for (const name of await caches.keys())
      if (name.startsWith(CHAIR_CACHE)) await caches.delete(name);
  for (const key of Object.keys(localStorage).filter((entry) => entry.startsWith(CHAIR_LOG))) {
    const { events = [], sent = [] } = JSON.parse(localStorage.getItem(key) ?? "{}") as {
      events?: { id: string }[];
      sent?: string[];
    };
    if (events.every(({ id }) => sent.includes(id))) localStorage.removeItem(key);
  }
}
