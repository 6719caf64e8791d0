import { addDays } from "../../src/core/days";
import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

test("a costume maker plans one night's full body within a budget: what to order by when, how long it takes, and how it comes off", async ({
  page,
}) => {
  const studio = await openStudio({ demo: false });
  let actions = 0;
  const act = async (doing: Promise<unknown>) => {
    actions++;
    await doing;
  };
  const inAMonth = addDays(new Date().toISOString().slice(0, 10), 30);
  await page.goto(studio.url, { waitUntil: "networkidle" });
  await act(page.getByRole("button", { name: /^Costume and conventions/ }).click());
  await expect(page).toHaveURL(/\/looks\/drought\/anyone\/map$/);
  // The base goes over the whole body.
  await page.getByRole("group", { name: "Properties" }).getByText("Where:").click();
  actions++;
  for (const part of ["torso", "back", "arms", "legs", "feet"])
    await act(page.getByRole("checkbox", { name: `All of: ${part}` }).check());
  await act(page.getByRole("navigation", { name: "Chapters" }).getByText("Brief").click());
  await act(page.getByLabel("Name", { exact: true }).fill("Oda Brill"));
  await act(page.getByLabel("Curtain").fill(`${inAMonth}T20:00`));
  await act(page.getByLabel("Budget for what is bought").fill("6.00"));
  for (const bare of ["chest", "belly", "back", "thighs", "feet"])
    await act(page.getByRole("checkbox", { name: bare, exact: true }).check());
  await act(page.getByRole("button", { name: "Save the brief and choose paint" }).click());
  await expect(page).toHaveURL(/\/paint$/);
  await act(page.getByRole("navigation", { name: "Chapters" }).getByText("Kit").click());
  // A body takes more than the pots of a face: what is short, by when it is ordered, and what the budget says.
  const kit = page.getByRole("region", { name: "Against the shelf" });
  await expect(kit).toContainText(/pots? for £\d+\.\d\d, order by \w{3} \d+ \w{3}/);
  const toBuy = async () =>
    Number(/to buy for £(\d+\.\d\d)/.exec((await kit.textContent()) ?? "")?.[1] ?? NaN);
  const before = await toBuy();
  expect(before).toBeGreaterThan(6);
  const budget = kit.getByRole("region", { name: "Within the budget" });
  await expect(budget).toContainText(`£${(before - 6).toFixed(2)} over the budget of £6.00`);
  // Another tone would be another look; a cheap pot of nearly the same ochre is not.
  await expect(budget).toContainText("Nothing on the shelf stands in for what is short in its own");
  const kitPage = page.url();
  await page.goto(`${studio.url}/shelf/new`, { waitUntil: "networkidle" });
  await act(page.getByLabel("Name", { exact: true }).fill("Fen ochre"));
  await act(page.getByLabel("Colour", { exact: true }).fill("#bd8c44"));
  await act(page.getByLabel("Made for use round the eyes").check());
  await act(page.getByLabel("Price").fill("2.00"));
  await act(page.getByRole("button", { name: "Save the product" }).click());
  await expect(page.getByRole("link", { name: "Fen ochre" })).toBeVisible();
  await page.goto(kitPage, { waitUntil: "networkidle" });
  await expect(budget.getByRole("listitem").first()).toContainText(
    /Fen ochre for .* saves £\d+\.\d\d/,
  );
  await act(budget.getByRole("button", { name: /^Use (it|these)$/ }).click());
  await expect.poll(toBuy).toBeLessThan(before);
  // The plan knows how long a body takes, and how it comes off.
  await act(page.getByRole("navigation", { name: "Chapters" }).getByText("Plan").click());
  await expect(page.getByText(/at the chair/).first()).toContainText(/\d h/);
  await expect(page.getByRole("region", { name: "Taking it off" })).toContainText(/soap/i);
  const card = await page.request.get(`${studio.url}/api/looks/drought/removal`);
  expect(pdfText(await card.body())).toMatch(/soap|water/i);
  console.log(`the costume maker: ${actions} actions`);
  expect(actions).toBeLessThanOrEqual(25);
  await studio.close();
});
