import { createServer, request as ask, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import type { Page } from "@playwright/test";
import { expect, test } from "./studio";

const LOOK = "/looks/first-frost/frost-reservoir";

/** Each chapter, and what it shows once its worker has answered. */
const ANSWERED: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  brief: (page) => expect(page.getByText(/at the chair/)).toBeVisible(),
  paint: (page) =>
    expect(page.getByRole("list", { name: "Paint systems, best first" })).toBeVisible(),
  map: (page) => expect(page.getByRole("region", { name: "Findings" })).not.toHaveText(/Judging/),
  colour: (page) =>
    expect(
      page.getByText(/by itself\s*(the same|very close|close|near|another)/).first(),
    ).toBeVisible(),
  pieces: (page) => expect(page.getByText(/at the chair/)).toBeVisible(),
  time: (page) =>
    expect(page.getByRole("option", { name: /^as usual: / })).toBeAttached({ timeout: 30_000 }),
  kit: (page) => expect(page.getByText(/pans? (is|are) enough/)).toBeVisible(),
  plan: (page) => expect(page.getByRole("heading", { name: /steps/i }).first()).toBeVisible(),
  record: (page) => expect(page.getByText(/at the chair/)).toBeVisible(),
};

async function everyChapterAnswers(page: Page, url: string): Promise<void> {
  for (const [chapter, answered] of Object.entries(ANSWERED))
    await test.step(chapter, async () => {
      await page.goto(`${url}${LOOK}/${chapter}`);
      await answered(page);
    });
  await test.step("mixing", async () => {
    await page.goto(`${url}/mixing?target=%23c06a3a`);
    await page.getByRole("button", { name: "Find recipes" }).click();
    await expect(page.getByText(/All mixes of \d+ paints seen/)).toBeVisible();
  });
  await test.step("calls", async () => {
    await page.goto(`${url}/calls`);
    await expect(page.getByText(/of work for/)).toBeVisible();
  });
}

test("from the map to the chair by its link and back: every chapter answers, online and without the studio", async ({
  page,
  context,
  demo,
}) => {
  await page.goto(`${demo.url}${LOOK}/map`, { waitUntil: "networkidle" });
  await page
    .getByRole("navigation", { name: "Chapters" })
    .getByRole("link", { name: /^Chair/ })
    .click();
  await expect(page.getByText("Kept in this browser")).toBeVisible();
  await everyChapterAnswers(page, demo.url);

  // What a chapter works out goes on without the studio: also a worker that starts only now.
  await page.goto(`${demo.url}${LOOK}/map`, { waitUntil: "networkidle" });
  await context.setOffline(true);
  await page.getByRole("slider", { name: /^From/ }).fill("3");
  await expect(page.locator("canvas[data-settled=true]")).toBeVisible();
  // A page that needs the studio says so, and leads to the chair that was kept.
  await page.goto(`${demo.url}${LOOK}/paint`);
  await expect(page.getByRole("heading", { name: "The studio doesn't answer" })).toBeVisible();
  await page.getByRole("link", { name: "first-frost/frost-reservoir" }).click();
  await expect(page.getByRole("button", { name: "Begin", exact: true })).toBeVisible();
  await context.setOffline(false);
});

/** The cache's part of an early build's chair worker: it answered every worker with the first one's script. */
const EARLY_WORKER = `
self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
self.addEventListener("message", (event) => {
  const { keep } = event.data ?? {};
  if (!Array.isArray(keep)) return;
  event.waitUntil((async () => {
    const cache = await caches.open("dermagraph-chair-1");
    await Promise.all(keep.map(async (url) => cache.put(url, await fetch(url))));
    event.source?.postMessage({ kept: true });
  })());
});
self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.method !== "GET" || !new URL(request.url).pathname.startsWith("/_next/static/")) return;
  event.respondWith((async () => (await caches.match(request)) ?? fetch(request))());
});`;

/** The studio behind another address, where the early worker is served until it is replaced. */
async function earlyStudio(url: string): Promise<{ url: string; update(): void; server: Server }> {
  let early = true;
  const server = createServer((incoming, outgoing) => {
    if (early && incoming.url?.startsWith("/chair-worker.js"))
      return outgoing.writeHead(200, { "content-type": "text/javascript" }).end(EARLY_WORKER);
    const onward = ask(url + (incoming.url ?? "/"), {
      method: incoming.method,
      headers: { ...incoming.headers, host: new URL(url).host },
    });
    onward.on("response", (answer) => {
      outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(outgoing);
    });
    onward.on("error", () => outgoing.destroy());
    incoming.pipe(onward);
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const { port } = server.address() as AddressInfo;
  return { url: `http://127.0.0.1:${port}`, update: () => (early = false), server };
}

test("a browser that holds an early build's cache is healed by the first page it opens", async ({
  page,
  demo,
}) => {
  const early = await earlyStudio(demo.url);
  await page.goto(`${early.url}${LOOK}/map`, { waitUntil: "networkidle" });
  const kept = await page.evaluate(async () => {
    await navigator.serviceWorker.register("/chair-worker.js");
    const { active } = await navigator.serviceWorker.ready;
    const parts = performance.getEntriesByType("resource").map(({ name }) => name);
    active?.postMessage({ keep: parts.filter((name) => name.includes("/_next/static/")) });
    await new Promise((resolve) => navigator.serviceWorker.addEventListener("message", resolve));
    const cache = await caches.open("dermagraph-chair-1");
    return (await cache.keys()).length;
  });
  expect(kept).toBeGreaterThan(5);
  early.update();
  await everyChapterAnswers(page, early.url);
  expect(await page.evaluate(() => caches.has("dermagraph-chair-1"))).toBe(false);
  early.server.close();
});

test("a question whose worker fails says so, and is answered when tried again", async ({
  page,
  demo,
}) => {
  await page.addInitScript(() => {
    const Whole = window.Worker;
    window.Worker = class extends Whole {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(localStorage.getItem("broken") ? "/_next/static/none.js" : url, options);
      }
    };
  });
  await page.goto(`${demo.url}/safety`);
  await page.evaluate(() => localStorage.setItem("broken", "yes"));
  const places: [string, string][] = [
    [`${LOOK}/paint`, "the paint systems"],
    [`${LOOK}/plan`, "the plan and its findings"],
    [`${LOOK}/time`, "the paces"],
    [`${LOOK}/colour`, "the matches"],
    [`${LOOK}/kit`, "the fewest pans"],
    ["/calls", "the call"],
  ];
  for (const [path, what] of places)
    await test.step(path, async () => {
      await page.goto(demo.url + path);
      const failed = page.getByRole("alert").filter({ hasText: `Couldn't work out ${what}` });
      await expect(failed).toContainText("its worker did not start");
      await page.evaluate(() => localStorage.removeItem("broken"));
      await failed.getByRole("button", { name: "Try again" }).click();
      await expect(failed).toHaveCount(0);
      await page.evaluate(() => localStorage.setItem("broken", "yes"));
    });
});
