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

  test("the chair asks first: what stays bare stops it, one press on the map mends it, and then it begins", async ({
    page,
  }) => {
    const chair = `${studio.url}/chair/first-frost/frost-reservoir`;
    await page.goto(chair, { waitUntil: "networkidle" });
    const ask = page.getByRole("form", { name: "Before the first step" });
    await ask.getByLabel("a cold sore").check();
    await ask.getByLabel("Leave bare today").selectOption({ label: "chin" });
    await expect(ask.getByRole("alert")).toContainText("asked today to keep bare: chin");
    await expect(ask.getByRole("button", { name: "Begin" })).toHaveCount(0);
    await ask.getByRole("button", { name: "Keep the answers and mend it on the map" }).click();
    await expect(page.getByRole("alert").filter({ hasText: "Safety stop" })).toBeVisible();
    await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/plan`);
    await expect(page.getByText("This plan is stopped")).toBeVisible();
    await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/map`);
    await page.getByRole("button", { name: "Leave chin bare" }).first().click();
    await expect(page.getByText("Safety stop")).toHaveCount(0);
    await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
    await page.goto(chair, { waitUntil: "networkidle" });
    await expect(page.getByText("Leave bare: chin.")).toBeVisible();
    await expect(ask.getByText("Asked already today")).toBeVisible();
    await ask.getByLabel("a cold sore").uncheck();
    await ask.getByRole("button", { name: "Begin" }).click();
    await expect(page.getByText(/step 1 of/)).toBeVisible();
    await expect(page.getByText(/^If it stings.*ring 112 at once\.$/)).toBeVisible();
    await expect(page.getByTestId("log")).toContainText("saved");
    await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/brief`);
    await expect(page.getByLabel("They were asked")).toBeChecked();
    await expect(page.getByLabel("a cold sore")).not.toBeChecked();
  });

  test("facts of a person and a product are kept as typed; tests are put on together; a booth is told what to leave out", async ({
    page,
  }) => {
    await page.goto(`${studio.url}/people/nomi-tarrow`, { waitUntil: "networkidle" });
    await page.getByLabel("Has asthma").check();
    await page.getByLabel("Hooded lids").check();
    await page.getByRole("button", { name: "Add a place" }).click();
    await page.getByLabel("Where", { exact: true }).selectOption({ label: "both palms" });
    await page.getByLabel("New patch test of").selectOption({ label: "Moon spangle" });
    await page.getByLabel("New patch test of").selectOption({ label: "Plum lip" });
    await page.getByRole("button", { name: "Put on 2 today" }).click();
    await expect(page.getByLabel(/^Date of the test of (Moon spangle|Plum lip)$/)).toHaveCount(2);
    await page.getByRole("button", { name: "Save the card" }).click();
    await expect(page.getByText("Nomi Tarrow is saved")).toBeVisible();
    await page.reload({ waitUntil: "networkidle" });
    await expect(page.getByLabel("Hooded lids")).toBeChecked();
    await expect(page.getByRole("button", { name: "Remove left palm" })).toBeVisible();

    await page.goto(`${studio.url}/shelf/frost-spangle`, { waitUntil: "networkidle" });
    await page.getByLabel("Colour index numbers").fill("77891, 99");
    await expect(page.getByText("99: five digits, like CI 77491")).toBeVisible();
    await page.getByLabel("Colour index numbers").fill("77891, ci 77019");
    await page.getByLabel("Batch in use").fill("L2666");
    await page.getByLabel("Counted in").selectOption("pieces");
    await page.getByRole("button", { name: "Save the product" }).click();
    await expect(page.getByText("Frost spangle is saved")).toBeVisible();
    await page.reload({ waitUntil: "networkidle" });
    await expect(page.getByLabel("Colour index numbers")).toHaveValue("CI 77891, CI 77019");
    await expect(page.getByRole("heading", { name: /^History: 10 pieces left/ })).toBeVisible();

    await page.goto(`${studio.url}/booth`, { waitUntil: "networkidle" });
    const booth = page.getByRole("region", { name: "Ask before the first stroke" });
    await expect(booth.getByText("Not yet.")).toBeVisible();
    await booth.getByRole("button", { name: "A parent or guardian is here and agrees" }).click();
    await expect(booth.getByText("Go on.")).toBeVisible();
    await expect(booth.getByText(/^Leave in the case: .*alcohol/)).toBeVisible();
    await booth.getByRole("button", { name: "Next in the queue" }).click();
    await expect(booth.getByText("Not yet.")).toBeVisible();
  });
});
