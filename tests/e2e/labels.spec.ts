import { expect, openStudio, test, type Studio } from "./studio";

test.describe.configure({ mode: "serial" });

test.describe("what a label says, and what is said on the day", () => {
  let studio: Studio & { close(): Promise<void> };
  test.beforeAll(async () => {
    studio = await openStudio({ demo: true });
  });
  test.afterAll(() => studio.close());

  test("a label nobody has read says what it counts as, on the page, on the shelf, and until it is ticked", async ({
    page,
  }) => {
    await page.goto(`${studio.url}/shelf/chalk-white`, { waitUntil: "networkidle" });
    const box = page.getByLabel("I have read the ingredients, and ticked what they name");
    await expect(box).toBeChecked();
    await box.uncheck();
    await expect(
      page.getByText(/^Not read yet: counts as holding fragrance, parabens/),
    ).toBeVisible();
    await page.getByRole("button", { name: "Save the product" }).click();
    await expect(page.getByText("Chalk white is saved")).toBeVisible();
    // The look that is painted with it says so, and so does its plan before anything else.
    await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/map`);
    await expect(page.getByText(/Nobody has read the label of Chalk white/)).toBeVisible();
    await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/plan`);
    await expect(page.getByText("Label not read: Chalk white.").first()).toBeVisible();
    await page.goto(`${studio.url}/shelf/chalk-white`, { waitUntil: "networkidle" });
    await box.check();
    await page.getByRole("button", { name: "Save the product" }).click();
    await expect(page.getByText("Chalk white is saved")).toBeVisible();
    await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/plan`);
    await expect(page.getByText("at the chair").first()).toBeVisible();
    await expect(page.getByText(/Label not read/)).toHaveCount(0);
  });

  test("what may be a hair dye is asked about, stops until it is answered, and stops when it is one", async ({
    page,
  }) => {
    await page.goto(`${studio.url}/shelf/moss`, { waitUntil: "networkidle" });
    const question = page.getByLabel(/^Is it a hair dye/);
    await expect(question).toHaveCount(0);
    await page.getByLabel("Name", { exact: true }).fill("Moss henna");
    await expect(question).toBeVisible();
    await expect(page.getByText("Counts as one until you answer")).toBeVisible();
    await page.getByRole("button", { name: "Save the product" }).click();
    await expect(page.getByText("Moss henna is saved")).toBeVisible();
    const map = `${studio.url}/looks/gate-leaf`;
    await page.goto(map);
    await expect(page.getByRole("alert").filter({ hasText: "Safety stop" })).toContainText(
      "may be a hair dye",
    );
    await page.goto(`${studio.url}/shelf/moss`, { waitUntil: "networkidle" });
    await question.selectOption("no");
    await page.getByRole("button", { name: "Save the product" }).click();
    await expect(page.getByText("Moss henna is saved")).toBeVisible();
    await page.goto(map, { waitUntil: "networkidle" });
    await expect(page.getByText("Safety stop")).toHaveCount(0);
  });

  test("what the performer says on the day is on the plan, and speaks against what it touches", async ({
    page,
  }) => {
    const look = `${studio.url}/looks/first-frost/frost-reservoir`;
    await page.goto(`${look}/plan`);
    await expect(page.getByText(/Ask today: asthma, pregnancy/).first()).toBeVisible();
    await page.goto(`${look}/brief`, { waitUntil: "networkidle" });
    await page.getByLabel("They were asked").check();
    await page.getByLabel("a cold sore").check();
    await expect(page.getByText(/^saved \d\d:/).first()).toBeVisible();
    await page.goto(`${look}/plan`);
    await expect(page.getByText("Said today: a cold sore.").first()).toBeVisible();
    await page.goto(`${look}/map`);
    await expect(page.getByText(/said today: a cold sore/)).toBeVisible();
  });
});
