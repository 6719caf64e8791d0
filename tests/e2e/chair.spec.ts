import { join } from "node:path";
import Database from "better-sqlite3";
import { expect, openStudio, test } from "./studio";

const CHAIR = "/chair/first-frost/frost-reservoir";

/** What the studio's file has of the chair. */
function logged(folder: string): { kind: string; id: string }[] {
  const file = new Database(join(folder, "studio.db"), { readonly: true });
  const rows = file.prepare("SELECT fields FROM chair_event ORDER BY at").all() as {
    fields: string;
  }[];
  file.close();
  return rows.map(({ fields }) => JSON.parse(fields) as { kind: string; id: string });
}

test("the chair without a network: three steps, the tab closed and opened again, the network back: every step once", async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  const studio = await openStudio({ demo: true });
  await page.goto(studio.url + CHAIR, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Begin", exact: true }).click();
  await expect(page.getByText(/step 1 of/)).toBeVisible();
  await expect(page.getByTestId("log")).toContainText("saved · works offline");

  await context.setOffline(true);
  for (let step = 2; step <= 4; step++) {
    await page.keyboard.press("Space");
    await expect(page.getByText(`step ${step} of`)).toBeVisible();
  }
  await expect(page.getByTestId("log")).toContainText("3 kept here");
  expect(logged(studio.folder).map(({ kind }) => kind)).toEqual(["begin"]);
  await page.close();

  // Opened again while there still is no network.
  const again = await context.newPage();
  await again.goto(studio.url + CHAIR);
  await expect(again.getByText("step 4 of")).toBeVisible();
  const title = await again.getByRole("heading", { level: 1 }).innerText();
  // The browser gives the face its form itself, and turns it.
  await expect(again.locator("image[data-relief=face]")).toHaveCount(1);
  await again.getByRole("button", { name: "Turn by hand" }).click();
  await expect(again.locator("canvas[data-settled=true][aria-busy=false]")).toBeVisible();
  await again.getByRole("button", { name: "Turn by hand" }).click();
  await context.setOffline(false);
  await expect(again.getByTestId("log")).toContainText("saved", { timeout: 15_000 });
  const rows = logged(studio.folder);
  expect(rows.map(({ kind }) => kind)).toEqual(["begin", "done", "done", "done"]);
  expect(new Set(rows.map(({ id }) => id)).size).toBe(4);

  // A reload, and another browser that knows only what the studio has: the same step.
  await again.reload({ waitUntil: "networkidle" });
  await expect(again.getByText("step 4 of")).toBeVisible();
  await expect(again.getByRole("heading", { level: 1 })).toHaveText(title);
  const other = await context.browser()?.newContext();
  const elsewhere = await other?.newPage();
  await elsewhere?.goto(studio.url + CHAIR, { waitUntil: "networkidle" });
  await expect(elsewhere?.getByText("step 4 of") ?? again.getByText("nowhere")).toBeVisible();
  await other?.close();
  expect(logged(studio.folder)).toHaveLength(4);
  await studio.close();
});

test("the studio dies in the middle of a sitting and comes back: nothing is lost, nothing doubled", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(studio.url + CHAIR, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Begin", exact: true }).click();
  await page.keyboard.press("Space");
  await expect(page.getByText("step 2 of")).toBeVisible();
  await studio.kill();
  await page.keyboard.press("Space");
  await page.keyboard.press("Backspace");
  await page.keyboard.press("Space");
  await page.keyboard.press("n");
  await page.getByRole("textbox", { name: "Note" }).fill("the brush sheds");
  await page.getByRole("button", { name: "Keep the note" }).click();
  await expect(page.getByTestId("log")).toContainText("kept here");
  await studio.start();
  await expect(page.getByTestId("log")).toContainText("saved", { timeout: 20_000 });
  expect(logged(studio.folder).map(({ kind }) => kind)).toEqual([
    "begin",
    "done",
    "done",
    "back",
    "done",
    "note",
  ]);
  await studio.close();
});

test("running late at the chair: what could be left out, with its cost, and the curtain is met again", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.clock.install();
  await page.goto(studio.url + CHAIR, { waitUntil: "networkidle" });
  // Begun late on the day itself.
  const curtain = await page.request
    .get(`${studio.url}/looks/first-frost/frost-reservoir/time`)
    .then((answer) => answer.text())
    .then((html) => /"curtainAt\\?":\\?"([^"\\]+)/.exec(html)?.[1] ?? "");
  await page.clock.setSystemTime(new Date(Date.parse(curtain) - 112 * 60_000));
  await page.getByRole("button", { name: "Begin", exact: true }).click();
  const late = page.getByRole("region", { name: "Running late" });
  await expect(late).toContainText(/too late as it stands|kept in hand are gone/);
  await late.getByRole("button", { name: "What could be left out?" }).click();
  const cuts = late.getByRole("list", { name: "What could be left out" });
  await expect(cuts.getByRole("listitem").first()).toContainText(
    /saves .* min\. .*(covers less|is missing)/,
  );
  const before = Number(/of (\d+)/.exec(await page.getByText(/step \d+ of/).innerText())?.[1]);
  expect(before).toBeGreaterThan(10);
  const text = await late.locator("strong").first().innerText();
  await cuts.getByRole("button", { name: "Leave it out" }).first().click();
  await page.clock.runFor(15_000);
  await expect
    .poll(async () => ((await late.count()) ? late.locator("strong").first().innerText() : "met"))
    .not.toBe(text);
  await studio.close();
});

test("a plan that a safety rule stops shows no steps at the chair", async ({ page, request }) => {
  const studio = await openStudio({ demo: true });
  const person = await (await request.get(`${studio.url}/people/nomi-tarrow`)).text();
  expect(person).toContain("Nomi Tarrow");
  await page.goto(`${studio.url}/people/nomi-tarrow`, { waitUntil: "networkidle" });
  await page
    .getByLabel(/^Test of .* after 24 h$/)
    .first()
    .selectOption("reaction");
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("Nomi Tarrow is saved")).toBeVisible();
  await page.goto(studio.url + CHAIR, { waitUntil: "networkidle" });
  await expect(page.getByRole("heading", { name: "This plan is stopped" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Begin", exact: true })).toHaveCount(0);
  await studio.close();
});
