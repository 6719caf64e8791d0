import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

test("a piece: built back from the job, sized inside, cut by a template, matched to the paint, and what it hides is told", async ({
  page,
  request,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/bog-light/bog-reservoir/pieces`, {
    waitUntil: "networkidle",
  });
  const form = page.getByRole("region", { name: "Reed horns" });
  await expect(form).toContainText(/colour difference .* from Wet moss/);
  const list = page.getByRole("region", { name: "Build list" });
  await expect(list).toContainText("To begin today.");
  await list.getByRole("checkbox").first().check();
  await expect(list).toContainText(/To begin by/);

  const pdf = await request.get(
    studio.url +
      String(await form.getByRole("link", { name: "Template 1:1 (PDF)" }).getAttribute("href")),
  );
  expect(pdf.headers()["content-type"]).toBe("application/pdf");
  const text = pdfText(await pdf.body());
  expect(text).toMatch(/^2 pages .*Reed horns, left.*Reed horns, right/);
  expect(text).toContain("cut for a slope of 25 degrees");

  await form.getByLabel("Slope it stands on, °").fill("60");
  await form.getByLabel("Height, mm").fill("10");
  await expect(form.getByRole("alert").first()).toContainText(/steeper than the side|to/);

  // A headpiece over the brows hides what is drawn on them.
  await page.getByLabel("Add a piece").selectOption("headpiece");
  const crown = page.getByRole("region", { name: "Headpiece", exact: true });
  await crown.getByLabel("Add a material").selectOption("foamSheet");
  await expect(crown).toContainText("make the base 601 mm around");
  const hides = page.getByRole("region", { name: "What it hides" });
  await hides.getByLabel("Another area").selectOption("glabella");
  await hides.locator("[data-zone=forehead]").dispatchEvent("click");
  await expect(hides.getByRole("listitem")).toHaveText(
    [/scalp/, /forehead/, /between the brows/].map((name) => name),
  );
  await page.getByRole("link", { name: /^Map/ }).click();
  await expect(page.getByRole("region", { name: "Findings" })).toContainText(
    /lies under Headpiece: nobody will see it/,
    { timeout: 20_000 },
  );
  await page.getByRole("link", { name: /^Pieces/ }).click();
  await page
    .getByRole("region", { name: "In the order they go on" })
    .getByRole("button", { name: /Headpiece/ })
    .click();
  await crown.getByRole("button", { name: "Remove", exact: true }).click();
  await expect(page.getByRole("region", { name: "Headpiece", exact: true })).toHaveCount(0);
  await studio.close();
});
