// Keeps the chair's page and what it is made of, so that it opens without the studio. Only what the
// page asks to keep is kept. One cache a build: the page names its build when it registers.
const PREFIX = "dermagraph-chair-";
const KEPT = PREFIX + (new URL(self.location.href).searchParams.get("build") ?? "unnamed");

self.addEventListener("install", () => self.skipWaiting());

self.addEventListener("activate", (event) => {
  const tidy = async () => {
    const older = (await caches.keys()).filter((name) => name.startsWith(PREFIX) && name !== KEPT);
    await Promise.all(older.map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(tidy());
});

const isOwn = (address) => new URL(address, self.location.href).origin === self.location.origin;

const withoutFragment = (address) => new URL(address, self.location.href).href.split("#")[0];

async function keepOne(cache, address) {
  try {
    const response = await fetch(address, { cache: "no-cache" });
    if (response.ok) await cache.put(address, response);
    return response.ok;
  } catch {
    return false;
  }
}

/** The page names its own address and all it has loaded; what can't be had now is asked for anew. */
self.addEventListener("message", (event) => {
  const { keep } = event.data ?? {};
  if (!Array.isArray(keep)) return;
  const keepAll = async () => {
    const cache = await caches.open(KEPT);
    const addresses = [...new Set(keep.filter(isOwn).map(withoutFragment))];
    const kept = await Promise.all(addresses.map((address) => keepOne(cache, address)));
    event.source?.postMessage({ kept: kept.length > 0 && kept.every(Boolean) });
  };
  event.waitUntil(keepAll());
});

/**
 * A part from the cache. Every worker of the application is started from one script, told apart by
 * the fragment of its address alone, and a cached response brings the address it was stored under:
 * so it is wrapped in one that has none and takes the request's.
 */
async function part(request) {
  const kept = await (await caches.open(KEPT)).match(withoutFragment(request.url));
  if (!kept) return fetch(request);
  const type = kept.headers.get("content-type") ?? "application/octet-stream";
  return new Response(kept.body, { headers: { "content-type": type } });
}

/** The face finder is large: it is kept once somebody has used it here, and is there without the studio from then on. */
async function keptOnUse(request) {
  const cache = await caches.open(KEPT);
  const address = withoutFragment(request.url);
  if (await cache.match(address)) return part(request);
  const response = await fetch(request);
  if (response.ok) await cache.put(address, response.clone());
  return response;
}

const escaped = (text) => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** What stands in for a page while the studio does not answer: the chairs that were kept. */
async function unreachable() {
  const kept = await (await caches.open(KEPT)).keys();
  const chairs = kept
    .map(({ url }) => new URL(url).pathname)
    .filter((path) => /^\/chair\//.test(path));
  const links = chairs
    .map(
      (path) =>
        `<li><a href="${escaped(path)}">${escaped(decodeURIComponent(path.slice(7)))}</a></li>`,
    )
    .join("");
  const chairsText = links
    ? `<p>These chairs were kept and work offline:</p><ul>${links}</ul>`
    : "";
  return new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8">
    <meta name="viewport" content="width=device-width">
    <title>No connection · Dermagraph</title>
    <style>body{font:18px/1.5 sans-serif;max-width:34rem;margin:15vh auto;padding:0 1rem;
    background:#161616;color:#eee}a{color:inherit}button{font:inherit;padding:.6em 1em}</style>
    <h1>The studio doesn't answer</h1>
    <p>This page needs it. Check that Dermagraph is running and that you are on its network.</p>
    ${chairsText}<p><a href="">Try again</a></p></html>`,
    { status: 503, headers: { "content-type": "text/html; charset=utf-8" } },
  );
}

/** A page is fresh while the studio answers. */
async function page(request) {
  try {
    return await fetch(request);
  } catch {
    const kept = await (await caches.open(KEPT)).match(request, { ignoreSearch: true });
    return kept ?? unreachable();
  }
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.method !== "GET" || !isOwn(request.url)) return;
  const { pathname } = new URL(request.url);
  if (pathname.startsWith("/_next/static/")) event.respondWith(part(request));
  else if (pathname.startsWith("/finder/")) event.respondWith(keptOnUse(request));
  else if (request.mode === "navigate") event.respondWith(page(request));
});
