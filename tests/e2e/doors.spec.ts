import { createHash } from "node:crypto";
import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { createServer, request as ask, type IncomingHttpHeaders } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Database from "better-sqlite3";
import { seededRandom } from "../../src/core/random";
import { answers, freePort, ROOT, startServer } from "../../scripts/steps.cjs";
import { expect, test } from "./studio";
import { writingRoutes } from "./writingRoutes";

/** All of a studio in one number, so that what was written is noticed. */
function digest(folder: string): string {
  const file = new Database(join(folder, "studio.db"), { readonly: true });
  const tables = file
    .prepare("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name")
    .all() as { name: string }[];
  const rows = tables.map(({ name }) => file.prepare(`SELECT * FROM "${name}"`).all());
  file.close();
  return createHash("sha256").update(JSON.stringify(rows)).digest("hex");
}

test("another page in the same browser writes nothing and reads nothing, by forms, fetches, pictures or scripts", async ({
  page,
  demo,
}) => {
  const person = JSON.stringify({ name: "From elsewhere" });
  const evil = createServer((_, response) => {
    response.writeHead(200, { "content-type": "text/html" });
    response.end(`<!doctype html><title>elsewhere</title>
      <form id="form" method="post" enctype="text/plain" action="${demo.url}/api/people">
      <input name='{"name":"From a form","x":"' value='"}'></form>`);
  });
  await new Promise<void>((resolve) => evil.listen(0, "127.0.0.1", resolve));
  const elsewhere = `http://127.0.0.1:${(evil.address() as AddressInfo).port}`;
  const before = digest(demo.folder);
  await page.goto(elsewhere);
  const read = await page.evaluate(
    async ({ url, body }) => {
      const tries: Record<string, () => Promise<string>> = {};
      for (const mode of ["cors", "no-cors"] as const) {
        tries[`read, ${mode}`] = async () => (await fetch(`${url}/api/products`, { mode })).text();
        for (const type of ["text/plain", "application/json"])
          for (const method of ["POST", "PUT", "DELETE"])
            tries[`${method} ${type}, ${mode}`] = async () =>
              (
                await fetch(`${url}/api/people`, {
                  method,
                  mode,
                  body,
                  headers: { "content-type": type },
                })
              ).text();
      }
      tries["a beacon"] = async () => {
        navigator.sendBeacon(`${url}/api/people`, body);
        return "";
      };
      for (const tag of ["img", "script"] as const)
        tries[tag] = () =>
          new Promise<string>((resolve) => {
            const element = document.createElement(tag);
            element.onload = () => resolve("loaded");
            element.onerror = () => resolve("");
            element.src = `${url}${tag === "img" ? "/icon.svg" : "/chair-worker.js"}`;
            document.body.append(element);
          });
      const found: string[] = [];
      for (const [what, act] of Object.entries(tries))
        if ((await act().catch(() => "")) !== "") found.push(what);
      return { tried: Object.keys(tries).length, found };
    },
    { url: demo.url, body: person },
  );
  expect(read).toEqual({ tried: 17, found: [] });
  await page.evaluate(() => document.querySelector<HTMLFormElement>("#form")?.submit());
  await page.waitForURL(`${demo.url}/**`);
  await expect(page.locator("body")).toContainText("Another page may not write here");
  expect(digest(demo.folder)).toBe(before);
  evil.close();
});

/** A request as it is, also with a Host or a path that no browser would send. */
function rawly(o: {
  readonly url: string;
  readonly method?: string;
  readonly path?: string;
  readonly headers?: Record<string, string>;
  readonly body?: string;
}): Promise<{ status: number; headers: IncomingHttpHeaders; text: string }> {
  const { hostname, port } = new URL(o.url);
  return new Promise((resolve, reject) => {
    const asked = ask(
      { hostname, port, method: o.method ?? "GET", path: o.path ?? "/", headers: o.headers ?? {} },
      (response) => {
        let text = "";
        response.on("data", (part: Buffer) => (text += part.toString()));
        response.on("end", () =>
          resolve({ status: response.statusCode ?? 0, headers: response.headers, text }),
        );
        response.on("error", reject);
      },
    );
    asked.on("error", reject);
    asked.end(o.body);
  });
}

/** `MUTATED=5000 npx playwright test doors` is the whole of it. */
const TIMES = Number(process.env.MUTATED ?? 1600);

test("mutated requests fail in words, write nothing, and leave nothing in memory", async ({}, info) => {
  const folder = mkdtempSync(join(tmpdir(), "dermagraph-mutated-"));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const heapFile = join(folder, "heap.txt");
  const server = startServer(
    port,
    {
      DERMAGRAPH_DATA: folder,
      DERMAGRAPH_DEMO: "1",
      HEAP_FILE: heapFile,
      NODE_OPTIONS: `--require ${join(ROOT, "scripts", "heapProbe.cjs")}`,
    },
    "ignore",
  );
  expect(await answers(url, 60)).toBe(true);
  const heap = async (): Promise<number> => {
    rmSync(heapFile, { force: true });
    server.kill("SIGUSR2");
    await expect.poll(() => existsSync(heapFile)).toBe(true);
    await new Promise((resolve) => setTimeout(resolve, 100));
    return Number(readFileSync(heapFile, "utf8"));
  };
  const random = seededRandom(514);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const junk = [null, true, -1, 1e308, "", "\u0000\u202e", "x".repeat(3000), [], {}, [[[]]]];
  const design = JSON.parse(
    (await rawly({ url, path: "/api/looks/first-frost/export" })).text,
  ) as unknown;
  /** A value with something in it turned into something else. */
  const mutated = (value: unknown, depth = 0): unknown => {
    if (typeof value !== "object" || value === null || random() < 0.15 || depth > 6)
      return pick(junk);
    const keys = Object.keys(value);
    const key = pick(keys.length ? keys : ["x"]);
    const inside = (value as Record<string, unknown>)[key];
    const next = mutated(inside, depth + 1);
    return Array.isArray(value)
      ? value.map((entry: unknown, i) => (String(i) === key ? next : entry))
      : { ...value, [key]: next };
  };
  // What deletes the whole studio on one right word has no near misses worth trying here.
  const routes = writingRoutes().filter(({ path }) => !path.endsWith("/everything"));
  const ids = [
    "first-frost",
    "nomi-tarrow",
    "none",
    "..",
    "%2e%2e%2f",
    "%00",
    "%",
    "ü",
    "a".repeat(300),
  ];
  const types = [
    "application/json",
    "application/json",
    "text/csv",
    "application/zip",
    "image/png",
    "application/vnd.sqlite3",
    "text/plain",
    "",
    "multipart/form-data",
  ];
  const one = async (): Promise<number> => {
    const { method, path } = pick(routes);
    const body = mutated({ version: 1, design, fields: design, lookId: "x", events: [design] });
    const text = random() < 0.1 ? JSON.stringify(body).slice(0, 200) : JSON.stringify(body);
    const odd = random() < 0.1;
    const { status } = await rawly({
      url,
      method: odd ? pick(["PATCH", "OPTIONS", "PROPFIND", "HEAD", "TRACE"]) : method,
      path: path.replace(/\[[^\]]+\]/g, () => pick(ids)) + pick(["", "", "?x=%", "?job=none"]),
      headers: {
        "content-type": pick(types),
        ...(random() < 0.1 && { host: pick(["evil.example", "127.0.0.1:1", "", "[::1"]) }),
        ...(random() < 0.1 && { origin: pick(["null", "http://evil.example", "x"]) }),
      },
      body: text,
    });
    return status;
  };
  for (let i = 0; i < 300; i++) await one().catch(() => 0);
  const before = digest(folder);
  const empty = await heap();
  const counts: Record<number, number> = {};
  const AT_ONCE = 8;
  for (let i = 0; i < TIMES; i += AT_ONCE)
    for (const status of await Promise.all(
      Array.from({ length: AT_ONCE }, () => one().catch(() => 0)),
    ))
      counts[status] = (counts[status] ?? 0) + 1;
  const full = await heap();
  const words = `${TIMES} mutated requests: ${JSON.stringify(counts)}; heap ${(empty / 1e6).toFixed(0)} MB before, ${(full / 1e6).toFixed(0)} MB after`;
  console.log(words);
  info.annotations.push({ type: "counts", description: words });
  const failed = Object.keys(counts).filter((status) => Number(status) >= 500 && status !== "503");
  expect(failed).toEqual([]);
  expect(full).toBeLessThan(2 * empty);
  expect(digest(folder)).toBe(before);
  server.kill("SIGKILL");
  rmSync(folder, { recursive: true, force: true });
});

test("a name or an address that is not the studio's is refused at every place", async ({
  demo,
}) => {
  for (const path of ["/", "/api/products", "/looks/first-frost/frost-reservoir/map"])
    for (const host of ["evil.example", "evil.example:80", "localhost.evil.example", "10.0.0.9"]) {
      const { status, text } = await rawly({ url: demo.url, path, headers: { host } });
      expect([path, host, status]).toEqual([path, host, 421]);
      expect(text).not.toContain("Frost");
    }
  expect((await rawly({ url: demo.url, headers: { host: "localhost" } })).status).toBe(200);
});

test("open to others only with a passphrase: it says so and ends, then asks, waits after wrong ones, and lets out again", async ({
  page,
}) => {
  const folder = mkdtempSync(join(tmpdir(), "dermagraph-door-"));
  const published = { DERMAGRAPH_DATA: folder, DERMAGRAPH_HOST: "0.0.0.0" };
  const refused = startServer(await freePort(), published, "pipe");
  let said = "";
  refused.stderr?.on("data", (part: Buffer) => (said += part.toString()));
  const code = await new Promise((resolve) => refused.once("exit", resolve));
  expect([code, said.includes("npm run passphrase")]).toEqual([1, true]);

  const set = (passphrase: string) =>
    spawnSync(process.execPath, ["--import", "tsx", "scripts/passphrase.mts"], {
      cwd: ROOT,
      input: `${passphrase}\n`,
      env: { ...process.env, DERMAGRAPH_DATA: folder },
    }).status;
  expect(set("short")).toBe(1);
  expect(set("heron over the weir")).toBe(0);
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const server = startServer(port, published, "ignore");
  expect(await answers(url, 60)).toBe(true);
  expect((await page.request.get(`${url}/api/products`)).status()).toBe(401);
  expect((await page.request.post(`${url}/api/people`, { data: { name: "x" } })).status()).toBe(
    401,
  );
  expect((await page.goto(`${url}/shelf?of=mine`))?.status()).toBe(401);
  const box = page.getByLabel("Passphrase of this studio");
  await expect(box).toBeFocused();
  await box.fill("heron under the weir");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("alert")).toHaveText("That is not the passphrase.");
  await box.fill("heron over the weir");
  await page.keyboard.press("Enter");
  await page.waitForURL(`${url}/shelf?of=mine`);
  await expect(page.getByRole("heading", { name: "Shelf", exact: true })).toBeVisible();
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: "Lax" });

  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(box).toBeVisible();
  expect((await page.request.get(`${url}/api/products`)).status()).toBe(401);
  for (let i = 0; i < 5; i++) {
    await box.fill(`guess ${i} of a few`);
    await page.getByRole("button", { name: "Sign in" }).click();
    await expect(page.getByRole("alert")).toHaveText("That is not the passphrase.");
  }
  await box.fill("heron over the weir");
  const answer = page.waitForResponse(`${url}/sign-in`);
  await page.getByRole("button", { name: "Sign in" }).click();
  expect((await answer).status()).toBe(429);
  await expect(page.getByRole("alert")).toHaveText(/^Too many tries. Wait 1\d minutes.$/);
  server.kill("SIGKILL");
  rmSync(folder, { recursive: true, force: true });
});

test("a signal to what started it ends every process", async () => {
  const folder = mkdtempSync(join(tmpdir(), "dermagraph-signal-"));
  for (const signal of ["SIGTERM", "SIGINT"] as const) {
    const port = await freePort();
    const url = `http://127.0.0.1:${port}`;
    const started = spawn(process.execPath, ["scripts/start.mjs"], {
      cwd: ROOT,
      stdio: "ignore",
      env: { ...process.env, DERMAGRAPH_DATA: folder, DERMAGRAPH_PORT: String(port) },
    });
    expect(await answers(url, 60)).toBe(true);
    started.kill(signal);
    await new Promise((resolve) => started.once("exit", resolve));
    await expect
      .poll(() =>
        fetch(url).then(
          () => "answers",
          () => "gone",
        ),
      )
      .toBe("gone");
  }
  rmSync(folder, { recursive: true, force: true });
});
