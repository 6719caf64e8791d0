import type { Page } from "@playwright/test";
import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

/** Words of the areas of a look, as every sheet has to name them. */
const AREAS = ["both temples", "both cheek hollows", "upper lip and lower lip", "nape"];

async function sheetText(page: Page, url: string): Promise<string> {
  const answer = await page.request.get(url);
  expect(answer.status(), url).toBe(200);
  expect(answer.headers()["content-type"]).toBe("application/pdf");
  return pdfText(await answer.body());
}

test("what is worn is asked in the brief, becomes work of the plan, and stands on plan, card and both call sheets", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  const job = `${studio.url}/looks/thunderhead/anyone`;
  await page.goto(`${studio.url}/looks/sundog/sundog-hillside/brief`, {
    waitUntil: "networkidle",
  });
  for (const worn of ["a wig", "strip lashes", "lenses for the look", "tooth caps", "ears"])
    await page.getByRole("checkbox", { name: worn, exact: true }).check();
  await expect(page.getByText("saved", { exact: true }).first()).toBeVisible();
  await page.getByRole("link", { name: /^Pieces/ }).click();
  for (const kind of ["ears", "lenses", "strip lashes", "tooth caps", "wig"])
    await page.getByRole("button", { name: kind, exact: true }).click();
  const order = page.getByRole("region", { name: "In the order they go on" });
  await expect(order.getByRole("listitem")).toContainText([
    /^Lenses/,
    /^Ears/,
    /^Strip lashes/,
    /^Tooth caps/,
    /^Wig/,
  ]);
  await page.getByLabel("Add a step").selectOption("Costume over the paint");
  await expect(order.getByRole("listitem")).toHaveCount(6);
  // Somebody else stands in for the teeth, and then they are left out.
  await order.getByRole("button", { name: /Tooth caps/ }).click();
  await page.getByLabel("For this look it is").selectOption("leftOut");
  await expect(order).toContainText("Tooth caps: left out");

  await page.getByRole("link", { name: /^Plan/ }).click();
  const steps = page.getByRole("table", { name: "Steps in working order" });
  const titles = steps.getByRole("rowheader").locator("span:first-child");
  await expect(titles.first()).toHaveText("Lenses", { timeout: 20_000 });
  await expect(titles.last()).toHaveText("Costume over the paint");
  const before = await titles.allTextContents();
  expect(before.indexOf("Ears")).toBeLessThan(before.indexOf("Pale haze"));
  expect(before).not.toContain("Tooth caps");
  const kit = page.getByRole("table", { name: "Paint needed against stock" });
  for (const name of ["Medical hold", "Lash hold", "Rinse oil", "Slow release"])
    await expect(kit.getByRole("rowheader", { name })).toBeVisible();

  const links = await Promise.all(
    ["Plan (PDF)", "Job card (PDF)"].map((name) =>
      page.getByRole("link", { name }).getAttribute("href"),
    ),
  );
  for (const paper of ["a4", "letter"])
    for (const link of links) {
      const text = await sheetText(page, `${studio.url}${link ?? ""}&paper=${paper}`);
      expect(text).toMatch(/page 1 of \d/);
      expect(text).toContain("Ilse Marrow");
      expect(text).toContain("natural rubber latex");
      expect(text).toMatch(/Curtain 15:00/);
      expect(text).not.toContain(" more ");
      for (const area of AREAS) expect(text, `${area} in ${paper}`).toContain(area);
      expect(text).not.toMatch(/\b0 min\b/);
    }
  const plan = await sheetText(page, `${studio.url}${links[0] ?? ""}`);
  const clocks = [...plan.matchAll(/\b\d\d:\d\d\s+(?=Lenses|Ears|Pale haze|Wig)/g)];
  expect(clocks.length).toBeGreaterThanOrEqual(4);

  // The call of that day, by artist and for the performers.
  const told = /\b\d+ [A-Z][a-z]{2,3} \d{4}\b/.exec(plan)?.[0] ?? "";
  const date = new Date(`${told} UTC`).toISOString().slice(0, 10);
  const own = await sheetText(page, `${studio.url}/api/calls/${date}/sheet`);
  expect(own).toMatch(/\d\d:\d\d\s+\d\d:\d\d\s+(Lenses|Skin prep)/);
  const entries = [...own.matchAll(/\b(\d\d:\d\d)\s+(\d\d:\d\d)\s+[A-Z]/g)];
  expect(entries.length).toBeGreaterThan(8);
  for (const [, from, to] of own.matchAll(/\b(\d\d:\d\d)\s+(\d\d:\d\d)\s+[A-Z]/g))
    expect(from).not.toBe(to);
  for (const area of AREAS) expect(own).toContain(area);
  expect(own).toMatch(/curtain 15:00/);
  const who = await sheetText(page, `${studio.url}/api/calls/${date}/sheet?by=performer`);
  expect(who).toMatch(/Who sits when/);
  expect(who).toContain("You put in yourself: Lenses");
  expect(who).toContain("natural rubber latex");

  // What a safety rule stops is printed on none of them.
  await page.goto(`${job}/pieces`, { waitUntil: "networkidle" });
  await page.getByLabel("Add a piece").selectOption("lashes");
  await page.getByLabel("Held by").selectOption("medicalAdhesive");
  await expect(page.getByText(/Safety stop/).first()).toBeVisible();
  const asked = () => page.request.get(`${studio.url}/api/looks/thunderhead/sheet`);
  await expect.poll(async () => (await asked()).status()).toBe(422);
  expect(await (await asked()).text()).toContain("must not go near the eye");
  await studio.close();
});
