import { expect, test } from "./studio";

test("settings: own brushes and hands reach map and plan; what is wrong is said beside its field, and a newer version is not written over", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await page.getByLabel("Liner brush (mm)").fill("0.1, 4");
  await page.getByLabel("Air temperature (°C)").fill("60");
  await page.getByRole("button", { name: "Save settings" }).click();
  await expect(page.getByText("Please correct the marked fields.")).toBeVisible();
  await expect(page.getByText("at most 45 °C")).toBeVisible();
  await expect(page.getByText("Sizes from 0.5 to 120 mm, with commas between.")).toBeVisible();

  // What was typed outlives a reload.
  await page.reload({ waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Restore" }).click();
  await page.getByLabel("Air temperature (°C)").fill("19");
  await page.getByLabel("Liner brush (mm)").fill("4, 1.5 mm");
  await page.getByLabel("Steadiness").selectOption("a clear tremor");
  await page.getByLabel("Paper").selectOption("Letter");
  await page.getByLabel("Emergency number").fill("999");
  await page.getByRole("button", { name: "Save settings" }).click();
  await expect(page.getByText("Settings saved")).toBeVisible();
  await page.reload({ waitUntil: "networkidle" });
  await expect(page.getByLabel("Liner brush (mm)")).toHaveValue("1.5, 4");
  await expect(page.getByLabel("Emergency number")).toHaveValue("999");

  await page.goto(`${demo.url}/looks/thunderhead/anyone/map`, { waitUntil: "networkidle" });
  await page
    .getByRole("region", { name: "Layers" })
    .locator("[data-layer]", { hasText: /Forked lines/ })
    .click();
  const layer = page.getByRole("region", { name: "Layer", exact: true });
  await expect(layer.getByText(/^1\.5 mm, fine synthetic: wet as ink/)).toBeVisible();
  await page
    .getByRole("group", { name: "Shapes" })
    .getByLabel("line width, mm", { exact: true })
    .last()
    .fill("1");
  await expect(page.getByText(/finer than you can draw evenly/).first()).toBeVisible();

  // Another tab saves first: nothing is written over unasked.
  const other = await page.context().newPage();
  await other.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await page.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await page.getByLabel("Steadiness").selectOption("steady");
  await page.getByRole("button", { name: "Save settings" }).click();
  await expect(page.getByText("Settings saved")).toBeVisible();
  await other.getByLabel("Emergency number").fill("112");
  await other.getByRole("button", { name: "Save settings" }).click();
  await expect(
    other.getByText(/[Uu]se theirs|Keep mine|[Ss]aved in another|newer/).first(),
  ).toBeVisible();
});
