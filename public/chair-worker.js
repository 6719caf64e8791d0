// Keeps the chair's page and what it is made of, so that it opens without the studio. Only what the page asks to keep is kept.
const KEPT = "dermagraph-chair-1";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

/** The page names its own address and everything it has loaded; what can't be had now is asked for at the next opening. */
self.addEventListener("message", (event) => {
  const { keep } = event.data ?? {};
  if (!Array.isArray(keep)) return;
  event.waitUntil(
    (async () => {
      const cache = await caches.open(KEPT);
      const kept = await Promise.all(
        keep
          .filter((url) => new URL(url, self.location.href).origin === self.location.origin)
          .map(async (url) => {
            try {
              const response = await fetch(url, { cache: "no-cache" });
              if (!response.ok) return false;
              await cache.put(url, response);
              return true;
            } catch {
              return false;
            }
          }),
      );
      event.source?.postMessage({ kept: kept.length > 0 && kept.every(Boolean) });
    })(),
  );
});

const isPage = (request) =>
  request.mode === "navigate" && new URL(request.url).pathname.startsWith("/chair/");
const isPart = (request) => new URL(request.url).pathname.startsWith("/_next/static/");

self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.method !== "GET" || (!isPage(request) && !isPart(request))) return;
  event.respondWith(
    (async () => {
      // Parts never change under their name; a page is fresh while the studio answers.
      if (isPart(request)) return (await caches.match(request)) ?? fetch(request);
      try {
        return await fetch(request);
      } catch {
        return (await caches.match(request, { ignoreSearch: true })) ?? Response.error();
      }
    })(),
  );
});
