import type { Page } from "@playwright/test";
import { expect, openStudio, test } from "./studio";

const stackOf = (page: Page) => page.getByRole("region", { name: "Layers" });
const rowOf = (page: Page, name: RegExp) =>
  stackOf(page).locator("[data-layer]", { hasText: name });
const order = (page: Page) =>
  stackOf(page)
    .locator("[data-layer]")
    .evaluateAll((rows) => rows.map((row) => row.getAttribute("data-layer")));

test("the stack: a layer is dragged, hidden, locked, put under a heading, and copied to another look; each is one undo", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/hail/anyone/map`, { waitUntil: "networkidle" });
  const before = await order(page);

  const grip = async (id: string) => {
    const box = await stackOf(page)
      .locator("li", { has: page.locator(`[data-layer="${id}"]`) })
      .locator("span[title]")
      .first()
      .boundingBox();
    return { x: (box?.x ?? 0) + 8, y: (box?.y ?? 0) + (box?.height ?? 0) / 2 };
  };
  const [from, to] = [await grip("under-the-wind"), await grip("squall")];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (let i = 1; i <= 10; i++)
    await page.mouse.move(from.x, from.y + ((to.y - 10 - from.y) * i) / 10);
  await page.mouse.up();
  await expect
    .poll(async () => (await order(page)).indexOf("under-the-wind"))
    .toBe(before.indexOf("squall"));
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => order(page)).toEqual(before);

  // Three layers stand under one heading: hidden and shown together.
  const stones = page.getByRole("region", { name: "Figure" }).locator("svg circle");
  const drawn = await stones.count();
  await stackOf(page).getByRole("button", { name: "Hide Stones on the figure" }).click();
  await expect.poll(() => stones.count()).toBeLessThan(drawn - 30);
  await expect(
    stackOf(page).getByRole("button", { name: "Hide Great stones on the figure" }),
  ).toHaveAttribute("aria-pressed", "true");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => stones.count()).toBe(drawn);

  await rowOf(page, /Squall/)
    .first()
    .focus();
  await page.keyboard.press("l");
  await rowOf(page, /Squall/)
    .first()
    .click();
  const layer = page.getByRole("region", { name: "Layer", exact: true });
  await expect(layer.getByLabel("Name of the layer")).toBeDisabled();
  await page.keyboard.press("Delete");
  await expect.poll(() => order(page)).toEqual(before);
  await layer.getByRole("button", { name: "Unlock it" }).click();
  await layer.getByLabel("Group").fill("Ground");
  await expect(stackOf(page).getByText("Ground", { exact: false }).first()).toBeVisible();

  await layer.getByRole("button", { name: "Copy to another look" }).click();
  const dialog = page.getByRole("dialog", { name: "Copy Squall to" });
  await expect(dialog.getByRole("button", { name: "Hail", exact: true })).toHaveCount(0);
  await dialog.getByRole("button", { name: "Gate leaf" }).click();
  await expect(page.getByText("Squall is on Gate leaf too")).toBeVisible();
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await page.goto(`${studio.url}/looks/gate-leaf/anyone/map`, { waitUntil: "networkidle" });
  await expect(rowOf(page, /Squall/)).toBeVisible();
  await studio.close();
});

test("schools: the order of work is chosen, the stack follows, and a look is duplicated with its marks varied", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/fog/anyone/map`, { waitUntil: "networkidle" });
  await stackOf(page).getByText("Order of work").click();
  await page.getByRole("button", { name: "Add layer" }).click();
  await page
    .getByRole("dialog", { name: "Add a layer" })
    .getByRole("button", { name: /^map/i })
    .click();
  const place = async () => {
    const ids = await order(page);
    return { map: ids.indexOf("map"), base: ids.indexOf("grey-air") };
  };
  await stackOf(page).getByLabel(/^Map/).selectOption("mapFirst");
  await expect
    .poll(async () => {
      const { map, base } = await place();
      return map >= 0 && map < base;
    })
    .toBe(true);
  await stackOf(page).getByLabel(/^Map/).selectOption("baseFirst");
  await expect
    .poll(async () => {
      const { map, base } = await place();
      return map > base;
    })
    .toBe(true);

  await page.goto(`${studio.url}/looks/hail/anyone/map`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: /^Versions/ }).click();
  await page
    .getByRole("dialog", { name: "Versions of Hail" })
    .getByRole("button", { name: "Duplicate and vary its shapes" })
    .click();
  await page.waitForURL(/\/looks\/(?!hail)/);
  await expect(page.getByRole("heading", { name: "Hail, varied" })).toBeVisible();
  await studio.close();
});

test("views: zones of the body are painted by a click, a mark on the back is placed there, and every view can be walked through", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/hail/anyone/map`, { waitUntil: "networkidle" });
  const view = page
    .getByRole("region", { name: "Figure" })
    .getByRole("combobox", { name: /^View/ });
  const figure = page.getByRole("region", { name: "Figure" });
  await rowOf(page, /Under the wind/).click();
  await view.selectOption("torsoFront");
  await figure.locator('[data-zone="chest"]').click();
  const where = page
    .getByRole("region", { name: "Layer", exact: true })
    .locator("summary", { hasText: "Where" });
  await expect(where).toContainText("chest");

  await rowOf(page, /Stones on the crown/).click();
  await view.selectOption("backOfHead");
  const stones = figure.getByRole("button", { name: /^spots 1/ });
  await stones.focus();
  await expect(figure.getByRole("status").filter({ hasText: "spots" })).toContainText(
    "to the person's left of the midline",
  );
  // From behind the person's left is on the left: the arrow moves what one sees.
  const left = async () => (await stones.boundingBox())?.x ?? 0;
  const from = await left();
  await page.keyboard.press("Shift+ArrowLeft");
  await expect.poll(left).toBeLessThan(from);
  await expect(figure.getByRole("status").filter({ hasText: "spots" })).toContainText(
    "17 mm to the person's left",
  );

  for (const option of await view.locator("option").all()) {
    await view.selectOption(await option.getAttribute("value"));
    await expect(figure.locator("svg[role=img]").first()).toBeVisible();
  }
  await view.selectOption("bodyFront");
  await figure.getByRole("button", { name: "Costume" }).click();
  await expect(figure.locator('use[fill="url(#map-costume)"]').first()).toBeAttached();
  await studio.close();
});

test("a heading takes its layers along, by keys and by its grip; a line's points are moved, added and taken out; a shape moves with another; a layer is blended", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/fog/anyone/map`, { waitUntil: "networkidle" });
  const before = await order(page);
  const head = stackOf(page).getByRole("button", { name: /^Drift \d/ });
  await head.focus();
  await page.keyboard.press("Alt+ArrowUp");
  await expect.poll(async () => (await order(page))[2]).toBe("wet-hollows");
  expect([...(await order(page))].sort()).toEqual([...before].sort());
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => order(page)).toEqual(before);

  await rowOf(page, /Wet hollows/).click();
  const layer = page.getByRole("region", { name: "Layer", exact: true });
  await expect(layer.getByLabel("Then", { exact: true })).toHaveValue("blended");
  await layer.getByLabel("Then", { exact: true }).selectOption("cleaned");
  await expect(layer.getByLabel("Then with")).toHaveValue("cottonBud");
  await expect(layer.getByLabel("Edge", { exact: true })).toHaveValue("hard");
  await layer.getByLabel("Strength").selectOption("trace");

  // A row of a star and a line: the line drawn by hand, its points by keys.
  await page.locator("body").press("a");
  await page
    .getByRole("dialog", { name: "Add a layer" })
    .getByRole("button", { name: /^detail/i })
    .click();
  await layer.getByRole("button", { name: "Add it" }).click();
  await layer.getByRole("button", { name: "Draw a line by hand" }).click();
  const box = await page.locator("[data-drawing]").boundingBox();
  if (!box) throw new Error("nothing to draw on");
  const at = (x: number, y: number) => [box.x + box.width * x, box.y + box.height * y] as const;
  await page.mouse.move(...at(0.4, 0.3));
  await page.mouse.down();
  for (let i = 0; i <= 20; i++) await page.mouse.move(...at(0.4 + i / 100, 0.3 + i * i * 0.0002));
  await page.mouse.up();
  const points = page.locator("[data-point]");
  await expect(points.first()).toBeVisible();
  const count = await points.count();
  const where = () => points.nth(1).locator("rect").getAttribute("x");
  const old = Number(await where());
  await points.nth(1).focus();
  await page.keyboard.press("Shift+ArrowRight");
  await expect.poll(async () => Number(await where())).toBeCloseTo(old + 5, 0);
  await points.nth(0).focus();
  await page.keyboard.press("i");
  await expect(points).toHaveCount(count + 1);
  await points.nth(1).focus();
  await page.keyboard.press("Delete");
  await expect(points).toHaveCount(count);

  // The line moves with the star.
  const figure = page.getByRole("region", { name: "Figure" });
  const leader = layer.getByLabel("moves with").last();
  const star = leader.locator("option", { hasText: /^star 1 of/ });
  await leader.selectOption({ label: (await star.textContent()) ?? "" });
  const line = figure.getByRole("button", { name: /^free line 2/ });
  const place = await line.getAttribute("aria-label");
  await figure.getByRole("button", { name: /^star 1/ }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press("Shift+ArrowUp");
  await expect.poll(() => line.getAttribute("aria-label")).not.toBe(place);
  await studio.close();
});
