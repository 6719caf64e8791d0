import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Database from "better-sqlite3";
import { freePort, startServer } from "../../scripts/steps.cjs";
import { expect, openStudio, test } from "./studio";

/** Starts Dermagraph on a folder as it is, and waits until it answers anything at all. */
async function startOn(folder: string) {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const server = startServer(port, { DERMAGRAPH_DATA: folder }, "ignore");
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
