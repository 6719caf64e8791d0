import { expect, test } from "./studio";

test("the face smiles and opens its mouth: zones and marks go with it, and it can only be painted at rest", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/drought/drought-quarry/map`, { waitUntil: "networkidle" });
  const figure = page.getByRole("region", { name: "Figure" });
  await page
    .getByRole("region", { name: "Layers" })
    .locator("[data-layer]", { hasText: /Cracks/ })
    .click();
  const chin = () => figure.locator("#map-chin").getAttribute("d");
  const crack = () =>
    figure.getByRole("img").first().locator("path[stroke-width='1.8']").first().getAttribute("d");
  const [zone, mark] = [await chin(), await crack()];
  expect(await figure.locator("[data-mark]").count()).toBeGreaterThan(3);
  await figure.getByRole("combobox", { name: /^Face/ }).selectOption({ label: "mouth open" });
  await expect.poll(chin).not.toBe(zone);
  await expect(figure.locator("[data-mark]")).toHaveCount(0);
  await expect(figure.locator("[data-zone]")).toHaveCount(0);
  await figure.getByRole("combobox", { name: /^Face/ }).selectOption({ label: "brows up" });
  await expect.poll(crack).not.toBe(mark);
  await figure.getByRole("combobox", { name: /^Face/ }).selectOption({ label: "at rest" });
  await expect.poll(chin).toBe(zone);
  expect(await crack()).toBe(mark);
});
