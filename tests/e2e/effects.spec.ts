import { expect, openStudio, test } from "./studio";

test("an effects artist builds a head of foam, cap and wax with a product of their own, and takes it from the plan to the chair", async ({
  page,
}) => {
  const studio = await openStudio({ demo: false });
  await page.goto(studio.url, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: /^Effects/ }).click();
  await expect(page).toHaveURL(/\/anyone\/map$/);
  // A grease for rubber that is on no sample shelf.
  await page.goto(`${studio.url}/shelf/new`, { waitUntil: "networkidle" });
  await page.getByLabel("Name", { exact: true }).fill("Own bark grease");
  await page.getByLabel("Kind", { exact: true }).selectOption("rubberMaskGrease");
  await page.getByLabel("Colour", { exact: true }).fill("#6a5a48");
  await page.getByRole("button", { name: "Save the product" }).click();
  await expect(page.getByRole("link", { name: "Own bark grease" })).toBeVisible();

  await page.goto(`${studio.url}/looks/new`, { waitUntil: "networkidle" });
  await page.getByLabel("Name of the look").fill("Bark warden");
  await page.getByLabel("Name", { exact: true }).fill("Tam Orrel");
  await page.getByLabel("In a few words").fill("bark over a bare skull, ancient");
  await page.getByRole("button", { name: "Save the brief and choose paint" }).click();
  await expect(page).toHaveURL(/\/paint$/);
  await page.getByRole("link", { name: /^Map/ }).click();
  const stack = page.getByRole("region", { name: "Layers" });
  const add = async (what: RegExp) => {
    await stack.getByRole("button", { name: "Add layer" }).click();
    await page.getByRole("dialog").getByRole("button", { name: what }).click();
    await expect(page.getByRole("dialog")).toHaveCount(0);
  };
  await add(/^base/i);
  for (const group of [/^Bald cap covers|^Bald cap(?! with)/, /^Foam brow piece/, /^Sculpting wax/])
    await add(group);
  for (const laid of [/cap/i, /foam/i, /wax/i])
    await expect(stack.getByRole("listitem").filter({ hasText: laid }).first()).toBeVisible();
  // The base is painted with the grease of one's own.
  await stack.getByRole("button", { name: /^\d+ base / }).click();
  await page
    .getByRole("combobox", { name: "Paint", exact: true })
    .selectOption({ label: "Own bark grease" });
  await expect(stack.getByRole("listitem").filter({ hasText: "Own bark grease" })).toBeVisible();
  // Whatever a rule stops has a way out by its own button.
  const findings = page.getByRole("region", { name: "Findings" });
  const stop = findings.getByRole("listitem").filter({ hasText: "Stop." });
  for (let i = 0; i < 6 && (await stop.count()) > 0; i++) {
    const before = await findings.getByRole("listitem").allInnerTexts();
    await stop.first().getByRole("button").first().click();
    await expect.poll(() => findings.getByRole("listitem").allInnerTexts()).not.toEqual(before);
  }
  await expect(stop).toHaveCount(0);
  // A cap, a piece and wax take their time, and come off in their own way.
  await page.getByRole("link", { name: /^Plan/ }).click();
  await expect(page.getByText(/at the chair/).first()).toContainText(/[1-4] h \d\d/);
  const off = page.getByRole("region", { name: "Taking it off" });
  await expect(off).toContainText(/adhesive|glue|edge/i);
  await page.getByRole("link", { name: "Chair", exact: true }).click();
  await page.getByRole("button", { name: "Begin", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Done/ })).toBeVisible();
  await studio.close();
});
