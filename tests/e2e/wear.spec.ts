import { expect, openStudio, test } from "./studio";

test("wear: the figure after some hours, what needs touching up and why, the list to carry, and the curves of the options", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/drought/drought-quarry/map`, { waitUntil: "networkidle" });
  const figure = page.getByRole("region", { name: "Figure" });
  const forehead = () =>
    figure
      .locator('svg[role="img"] g[fill]:has(> use[href="#map-forehead"])')
      .first()
      .getAttribute("fill");
  const fresh = await forehead();
  const after = page.getByLabel("After", { exact: true });
  await after.focus();
  for (let i = 0; i < 12; i++) await page.keyboard.press("ArrowRight");
  const due = figure.getByRole("list", { name: "Touch-ups by then" });
  await expect(due).toContainText(/sweat|heat/);
  await expect(after).toHaveAttribute("aria-valuetext", /of wear$/);
  await expect.poll(forehead).not.toBe(fresh);
  await after.press("Home");
  await expect(due).toHaveCount(0);
  await expect.poll(forehead).toBe(fresh);

  await page.goto(`${studio.url}/looks/drought/drought-quarry/plan`, { waitUntil: "networkidle" });
  await expect(
    page.getByRole("list", { name: "Touch-ups" }).getByRole("listitem").first(),
  ).toContainText(/^after \d+/);
  await expect(page.locator("p", { hasText: "To carry:" })).toContainText("damp sponge");

  await page.goto(`${studio.url}/looks/drought/drought-quarry/paint`, { waitUntil: "networkidle" });
  const curves = page.getByRole("region", { name: "How the options wear" });
  await expect(curves.locator("path.apexcharts-line")).toHaveCount(3);
  const row = curves.getByRole("row", { name: /^forehead/ });
  await expect(row).toContainText(/sweat|heat/);
  await curves.getByLabel("Part", { exact: true }).selectOption("neck");
  await expect(curves.getByRole("row", { name: /^neck/ })).toHaveClass(/font-bold/);
  await studio.close();
});
