import { expect, test } from "./studio";

test.describe("the map", () => {
  test("keys choose, move and take out layers; every step can be undone", async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/looks/thunderhead/anyone/map`, { waitUntil: "networkidle" });
    const stack = page.getByRole("region", { name: "Layers" });
    const names = () =>
      stack
        .getByRole("listitem")
        .allInnerTexts()
        .then((texts) =>
          texts.map((text) => text.split("\n").find((line) => /[a-z]{4}/i.test(line))),
        );
    const before = await names();
    expect(before).toHaveLength(12);
    const item = (name: RegExp) => stack.locator("[data-layer]", { hasText: name });

    await item(/Cloud base/).focus();
    await page.keyboard.press("Enter");
    await expect(item(/Cloud base/)).toHaveAttribute("aria-pressed", "true");
    await page.keyboard.press("ArrowDown");
    await expect(item(/Powder over the cloud/)).toHaveAttribute("aria-pressed", "true");

    await item(/Cloud tops/).focus();
    await page.keyboard.press("Alt+ArrowUp");
    const moved = await names();
    expect(moved.indexOf("Cloud tops")).toBe(before.indexOf("Cloud tops") - 1);

    await item(/Ash lips/).focus();
    await page.keyboard.press("Delete");
    await expect(stack.getByRole("listitem")).toHaveCount(11);
    await page.getByRole("button", { name: "Undo" }).last().click();
    await expect(stack.getByRole("listitem")).toHaveCount(12);
    await page.locator("body").press("ControlOrMeta+z");
    await expect.poll(names).toEqual(before);
  });

  test("a click on the figure puts a zone into the layer and takes it out again", async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/looks/thunderhead/anyone/map`, { waitUntil: "networkidle" });
    await page
      .getByRole("region", { name: "Layers" })
      .locator("[data-layer]", { hasText: /Undersides/ })
      .click();
    const layer = page.getByRole("region", { name: "Layer", exact: true });
    await expect(layer.getByText(/both cheek hollows/)).toBeVisible();
    await page.locator('[data-zone="chin"]').click();
    await expect(layer.locator("summary", { hasText: "Where" })).toContainText("chin");
    await page.locator('[data-zone="chin"]').click();
    await expect(layer.locator("summary", { hasText: "Where" })).not.toContainText("chin");
    await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  });

  test("marks are placed in typed millimetres, vary by their seed, and refuse nonsense", async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/looks/drought/drought-quarry/map`, { waitUntil: "networkidle" });
    await page
      .getByRole("region", { name: "Layers" })
      .locator("[data-layer]", { hasText: /Cracks/ })
      .click();
    const marks = page.getByRole("group", { name: "Shapes" });
    await marks.getByLabel("Next shape").selectOption("spots");
    await marks.getByRole("button", { name: "Add it" }).click();
    const last = marks.locator("details").last();
    await expect(last.locator("summary")).toHaveText("spots 6");
    const shapes = page.getByRole("region", { name: "Figure" }).locator("svg circle");
    const counted = await shapes.count();
    await last.getByLabel("how many", { exact: true }).fill("30");
    await expect.poll(() => shapes.count()).toBe(counted + 6);
    await last.getByLabel("line width, mm").fill("0.1");
    await expect(marks.getByRole("alert")).toHaveText("Enter a number from 0.3 to 20.");
    await last.getByRole("button", { name: "New variation" }).click();
    await last.getByRole("button", { name: "Remove" }).click();
    await expect(marks.locator("details")).toHaveCount(5);
  });

  test("the build slider shows the look layer by layer", async ({ page, demo }) => {
    await page.goto(`${demo.url}/looks/first-frost/frost-reservoir/map`, {
      waitUntil: "networkidle",
    });
    const figure = page.getByRole("img", { name: /First Frost on Nomi Tarrow/ });
    const slider = page.getByLabel("Build");
    const whole = await figure.locator("use").count();
    await slider.focus();
    await page.keyboard.press("Home");
    await expect(page.getByText("layer 0 of 15")).toBeVisible();
    expect(await figure.locator("use").count()).toBeLessThan(whole);
    await page.keyboard.press("End");
    await expect(page.getByText("layer 15 of 15")).toBeVisible();
    await expect.poll(() => figure.locator("use").count()).toBe(whole);
  });

  test("a mix is chosen in parts and shown as such in the stack", async ({ page, demo }) => {
    await page.goto(`${demo.url}/looks/thunderhead/anyone/map`, { waitUntil: "networkidle" });
    const base = page
      .getByRole("region", { name: "Layers" })
      .locator("[data-layer]", { hasText: /Cloud base/ });
    await base.click();
    await page.getByLabel("Parts of product 1").fill("5");
    await expect(base).toContainText("5 parts Slate grey : 1 Chalk white");
    await page.getByLabel("Product 2 of the mix").selectOption({ label: "Ice blue" });
    await expect(base).toContainText("5 parts Slate grey : 1 Ice blue");
    await page.getByRole("button", { name: "Take product 2 out of the mix" }).click();
    await expect(page.getByLabel("Paint", { exact: true })).toHaveValue("slate-grey");
    await page.locator("body").press("ControlOrMeta+z");
    await expect(base).toContainText("5 parts Slate grey : 1 Ice blue");
  });
});
