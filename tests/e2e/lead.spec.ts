import type { Locator, Page } from "@playwright/test";
import { addDays } from "../../src/core/days";
import { USUAL_BRIEF } from "../../src/core/brief";
import { STAND_IN } from "../../src/core/people";
import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

/** Hands on the keys: every press is counted, and the mouse is never touched. */
class Keys {
  presses = 0;
  constructor(private readonly page: Page) {}
  async press(key: string): Promise<void> {
    this.presses++;
    await this.page.keyboard.press(key);
  }
  async type(words: string): Promise<void> {
    this.presses += words.length;
    await this.page.keyboard.type(words);
  }
  /** Tab by tab to something; that it can be reached is half of what is asked. */
  async to(what: Locator, key = "Tab"): Promise<void> {
    for (let i = 0; i < 150; i++) {
      if (await what.evaluate((element) => element === document.activeElement)) return;
      await this.press(key);
    }
    throw new Error(`no Tab leads to ${String(what)}`);
  }
}

/** Fogs: one look of soft gradients, worn by a whole chorus. */
const CAST = ["Ane", "Bo", "Cay", "Dru", "Eli", "Fen", "Gil", "Hue", "Ivo", "Jun", "Kit", "Lou"];

/** Twelve of a chorus with one matinee: people tested with what the look holds, and a job for each. */
async function callTwelve(page: Page, url: string, on: string): Promise<void> {
  const { id: _, version: __, ...anybody } = STAND_IN;
  const design = (await (await page.request.get(`${url}/api/looks/fog/export`)).json()) as unknown;
  const named = new Set(
    [...JSON.stringify(design).matchAll(/"productId":"([^"]+)"/g)].map(([, id]) => id as string),
  );
  const tests = [...named].map((productId) => ({
    productId,
    on: addDays(on, -20),
    first: "nothing",
    late: "nothing",
    result: "clear",
  }));
  for (const name of CAST) {
    const made = await page.request.post(`${url}/api/jobs`, {
      data: {
        lookId: "fog",
        person: { ...anybody, name, patchTests: tests },
        brief: { ...USUAL_BRIEF, place: "reservoir path", curtainAt: `${on}T14:30:00+00:00` },
      },
    });
    expect(made.status()).toBe(200);
  }
}

test("a lead plans a call of twelve with three artists and two shows, and has the sheets printed, by keyboard alone", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  const on = addDays(new Date().toISOString().slice(0, 10), 60);
  await callTwelve(page, studio.url, on);
  await page.goto(studio.url, { waitUntil: "networkidle" });
  const keys = new Keys(page);
  await keys.press("g");
  await keys.press("c");
  await expect(page.getByRole("heading", { name: "Calls" })).toBeVisible();
  const day = page.getByRole("group", { name: "Day" });
  await keys.to(day.getByRole("button").last());
  await keys.press("Enter");
  const call = page.getByRole("region", { name: /^Call of/ });
  await expect(call.getByRole("checkbox", { name: "Ane" })).toBeVisible();
  // Three artists by name, three chairs.
  await keys.to(call.getByRole("button", { name: "Another artist" }));
  await keys.press("Enter");
  await keys.press("Enter");
  await expect(call.getByLabel("Name of artist 3")).toBeVisible();
  for (const [i, name] of ["Rue", "Odo", "Sil"].entries()) {
    await keys.to(call.getByLabel(`Name of artist ${i + 1}`), i ? "Tab" : "Shift+Tab");
    await keys.press("Control+a");
    await keys.type(name);
  }
  await keys.to(call.getByLabel("Chairs"));
  await keys.press("Control+a");
  await keys.type("3");
  const rows = call.getByRole("rowheader", { name: /^Fog on / });
  await expect(rows).toHaveCount(12);
  await expect(call.getByRole("cell", { name: /too late/ })).toHaveCount(0);
  // The evening, with the same people.
  const again = call.getByText("The same again: another show, or another day");
  await keys.to(again);
  await keys.press("Enter");
  await keys.to(call.getByLabel("First curtain"));
  // As this browser writes a time.
  await keys.type("0830PM");
  await keys.to(call.getByRole("button", { name: "Add 12 jobs" }));
  await keys.press("Enter");
  await expect(rows).toHaveCount(24);
  await expect(call.getByRole("status").filter({ hasText: "Begin at" })).toContainText("3 artists");
  await expect(call.getByRole("cell", { name: /too late/ })).toHaveCount(0);
  await expect(call.getByText(/^saved \d\d:/)).toBeVisible();
  // The sheets, from the keys too; what they say is read from the file.
  const link = call.getByRole("link", { name: "Call sheets (PDF)" });
  await keys.to(link, "Shift+Tab");
  const opened = page.waitForEvent("popup");
  await keys.press("Enter");
  expect((await opened).url()).toContain("/sheet");
  const sheet = await page.request.get(studio.url + String(await link.getAttribute("href")));
  const text = pdfText(await sheet.body());
  for (const name of ["Rue", "Odo", "Sil"]) expect(text).toContain(name);
  for (const name of CAST) expect(text).toContain(name);
  expect(text).toMatch(/needed by 1[34]:\d\d/);
  expect(text).toMatch(/needed by (19|20):\d\d/);
  console.log(`the lead: ${keys.presses} presses of keys`);
  expect(keys.presses).toBeLessThanOrEqual(260);
  await studio.close();
});
