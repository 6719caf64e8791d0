import { expect, openStudio, test } from "./studio";
import { pdfText } from "./pdfText";

test("series: looks by their tag, a look a day with rest days, and a tag typed in the brief", async ({
  page,
}) => {
  const demo = await openStudio({ demo: true });
  await page.goto(`${demo.url}/looks`, { waitUntil: "networkidle" });
  const which = page.getByRole("navigation", { name: "Which looks" });
  await which.getByRole("link", { name: /^leads/ }).click();
  await expect(page).toHaveURL(/tag=leads/);
  await expect(which.getByRole("link", { name: /^leads/ })).toHaveAttribute("aria-current", "true");
  const looks = page.getByRole("heading", { level: 1, name: "Looks" });
  await expect(looks).toBeVisible();

  await page.getByText(/^leads as a series: 4 looks/).click();
  await page.getByRole("combobox", { name: /^On/ }).selectOption({ index: 1 });
  await page.getByLabel("First day").fill("2030-03-04");
  await expect(page.getByRole("status").filter({ hasText: "4 looks" })).toHaveText(
    "4 looks, done by Fri 8 Mar, with 1 rest day for the skin (Wed 6 Mar).",
  );
  // A day to practise the fine ferns is a rest for the skin as well.
  const practise = page.getByRole("checkbox", { name: /^A day to practise before/ });
  await practise.check();
  await expect(page.getByText(/practise it/).first()).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "4 looks" })).not.toContainText("Fri 8");
  await practise.uncheck();
  await page.getByLabel("Over by (may be empty)").fill("2030-03-07");
  await expect(page.getByText("3 of 4 looks fit by Thu 7 Mar")).toBeVisible();
  await page.getByRole("button", { name: "Add 3 jobs" }).click();
  await expect(page.getByText("Added 3 jobs")).toBeVisible();
  await page.goto(`${demo.url}/calls`, { waitUntil: "networkidle" });
  await expect(page.getByText("Mon 4 Mar").first()).toBeAttached();

  await page.goto(`${demo.url}/looks/first-frost/frost-reservoir/brief`, {
    waitUntil: "networkidle",
  });
  const tags = page.getByRole("region", { name: "Tags" }).getByLabel("Tags");
  await tags.fill("leads, winter, Winter");
  const saved = page.waitForResponse(
    (answer) => answer.request().method() === "PUT" && answer.url().includes("/api/looks/"),
  );
  await tags.press("Enter");
  await expect(tags).toHaveValue("leads, Winter");
  expect((await saved).ok()).toBe(true);
  await page.goto(`${demo.url}/looks?tag=winter`, { waitUntil: "networkidle" });
  await expect(page.getByRole("link", { name: /First Frost/ })).toBeVisible();
  await expect(page.getByRole("link", { name: /Drought/ })).toHaveCount(0);
  await page.getByRole("link", { name: "no job yet" }).click();
  await expect(page).toHaveURL(/when=none/);
  await demo.close();
});

test("brief: what it means stands beside it as it is typed", async ({ page, demo }) => {
  await page.goto(`${demo.url}/looks/drought/drought-quarry/brief`, { waitUntil: "networkidle" });
  const means = page.getByRole("complementary", { name: "What it means" });
  await expect(means).toContainText("First touch-up");
  const before = await means.innerText();
  await page.getByLabel("Air temperature (°C)").fill("38");
  await expect.poll(() => means.innerText()).not.toBe(before);
  await page.getByLabel("Farthest viewer (m)").fill("80");
  await expect(means).toContainText("at 80 m");
  await page.getByLabel("Air temperature (°C)").fill("99");
  await expect(means).toContainText("Correct the marked field");
  const parts = page.getByRole("region", { name: "Hardest parts" });
  await parts
    .getByRole("link", { name: /practise/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Practice" })).toBeVisible();
});

test("practice: a sheet at 1:1, goes noted by keyboard, their curve, and one taken back", async ({
  page,
  demo,
  request,
}) => {
  await page.goto(`${demo.url}/records/practice`, { waitUntil: "networkidle" });
  const stars = page.getByRole("region", { name: "Stars" });
  const sheet = await request.get(
    demo.url +
      String(await stars.getByRole("link", { name: "Print the sheet" }).getAttribute("href")),
  );
  expect(pdfText(await sheet.body())).toMatch(/Practice: stars[\s\S]*five points of one length/);
  for (const [minutes, right] of [
    ["20", "3"],
    ["16", "5"],
  ] as const) {
    await stars.getByLabel("Minutes").fill(minutes);
    await stars.getByLabel("Right, of 9").fill(right);
    await stars.getByLabel("Right, of 9").press("Enter");
    await expect(stars.getByLabel("Minutes")).toHaveValue("");
  }
  await expect(stars.getByRole("status")).toContainText("2 goes: last 16 min with 56 % right");
  await stars.getByText("Every go").click();
  await stars
    .getByRole("button", { name: /^Remove the go/ })
    .first()
    .click();
  await expect(stars.getByRole("status")).toContainText("One go");
  await stars.getByLabel("Right, of 9").fill("12");
  await expect(stars.getByText("Enter a whole number from 0 to 9.")).toBeVisible();
});
