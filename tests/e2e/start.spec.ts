import type { Page } from "@playwright/test";
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Database from "better-sqlite3";
import { freePort, startServer } from "../../scripts/steps.cjs";
import { expect, openStudio, test } from "./studio";

/** The user that Linux systems have for what needs no rights. */
const NOBODY = 65534;

/** Starts Dermagraph on a folder as it is, and waits until it answers anything at all. */
async function startOn(folder: string, user?: number) {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const server = startServer(port, { DERMAGRAPH_DATA: folder }, "ignore", user);
  for (let tries = 0; tries < 150; tries++) {
    const answer = await fetch(`${url}/api/health`).catch(() => null);
    // Who knocks in the very first moment gets a plain failure.
    if (answer && answer.status !== 500) return { url, server, health: answer.status };
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error("it answers nothing");
}

test("a start on a damaged file says which, and the newest whole backup opens it again", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  const made = await page.request.get(`${studio.url}/api/exchange/backup`);
  expect(made.status()).toBe(200);
  await studio.kill();
  const backups = join(studio.folder, "backups");
  mkdirSync(backups, { recursive: true });
  writeFileSync(join(backups, "older.db"), await made.body());
  writeFileSync(join(backups, "newer.db"), "cut short");
  for (const tail of ["-wal", "-shm"])
    rmSync(join(studio.folder, `studio.db${tail}`), { force: true });
  writeFileSync(join(studio.folder, "studio.db"), "garbage".repeat(999));

  const { url, server, health } = await startOn(studio.folder);
  expect(health).toBe(503);
  for (const path of ["/", "/looks", "/looks/first-frost/frost-reservoir/map", "/nowhere"]) {
    expect((await page.goto(url + path))?.status()).toBe(503);
    await expect(page.getByRole("heading", { name: "The studio's file is damaged" })).toBeVisible();
    await expect(page.getByText(join(studio.folder, "studio.db"))).toBeVisible();
  }
  await expect(page.getByText("older.db")).toBeVisible();
  await page.getByRole("button", { name: "Use this backup" }).click();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await page.goto(`${url}/looks`);
  await expect(page.getByText("First Frost").first()).toBeVisible();
  expect(readdirSync(backups).some((name) => name.startsWith("damaged-"))).toBe(true);
  server.kill("SIGKILL");
  await studio.close();
});

test("a studio of a newer build, and one that is open already, are told at every address", async ({
  page,
}) => {
  const folder = mkdtempSync(join(tmpdir(), "dermagraph-newer-"));
  const first = await startOn(folder);
  expect(first.health).toBe(200);
  const second = await startOn(folder);
  expect(second.health).toBe(503);
  await page.goto(`${second.url}/looks`);
  await expect(page.getByRole("link", { name: `Open it at ${first.url}` })).toBeVisible();
  second.server.kill("SIGKILL");
  await new Promise((resolve) => first.server.once("exit", resolve).kill("SIGKILL"));

  const file = new Database(join(folder, "studio.db"));
  file.prepare("INSERT INTO kysely_migration VALUES ('999-later', 'x')").run();
  file.close();
  const third = await startOn(folder);
  await page.goto(`${third.url}/calls`);
  await expect(
    page.getByRole("heading", { name: "This studio is from a newer Dermagraph" }),
  ).toBeVisible();
  await expect(page.getByRole("button")).toHaveCount(0);
  third.server.kill("SIGKILL");
  rmSync(folder, { recursive: true, force: true });
});

/** The page that every address answers with. */
async function told(page: Page, url: string): Promise<string> {
  expect((await page.goto(`${url}/looks`))?.status()).toBe(503);
  return (await page.locator("body").innerText()).replace(/\s+/g, " ");
}

test("starts on every kind of bad file and on a folder that can't be written say which it is, change nothing, and none begins anew over rows that are there", async ({
  page,
}) => {
  const whole = await openStudio({ demo: true });
  await whole.kill();
  const file = new Database(join(whole.folder, "studio.db"));
  file.pragma("journal_mode = DELETE");
  const good = file.serialize();
  file.close();
  const bad: Readonly<Record<string, [make: (path: string) => void, says: RegExp]>> = {
    "cut short": [(path) => writeFileSync(path, good.subarray(0, 9000)), /file is damaged/],
    "a damaged page": [
      (path) => writeFileSync(path, Buffer.from(good).fill(7, 100, 4096)),
      /file is damaged/,
    ],
    "a folder in its place": [(path) => mkdirSync(path), /can't be written|damaged/],
  };
  for (const [what, [make, says]] of Object.entries(bad)) {
    const folder = mkdtempSync(join(tmpdir(), "dermagraph-bad-"));
    const path = join(folder, "studio.db");
    make(path);
    const { url, server } = await startOn(folder);
    expect(await told(page, url), what).toMatch(says);
    expect(await told(page, url), what).toContain(path);
    server.kill("SIGKILL");
    rmSync(folder, { recursive: true, force: true });
  }

  // Half-migrated: a migration was begun by an early build, and its record is missing.
  const half = new Database(join(whole.folder, "studio.db"));
  half.exec("DELETE FROM kysely_migration");
  half.close();
  const stuck = await startOn(whole.folder);
  // There are rows in it: it is not begun anew over them, and no copy of before is there.
  expect(await told(page, stuck.url)).toMatch(/file is damaged/);
  stuck.server.kill("SIGKILL");

  // Read-only, for a user who is not root: root may write everywhere.
  if (process.getuid?.() === 0) {
    const folder = mkdtempSync(join(tmpdir(), "dermagraph-readonly-"));
    writeFileSync(join(folder, "studio.db"), good);
    chmodSync(folder, 0o555);
    const { url, server } = await startOn(folder, NOBODY);
    expect(await told(page, url)).toContain("The studio can't be written");
    server.kill("SIGKILL");
    rmSync(folder, { recursive: true, force: true });
  }
  await whole.close();
});
