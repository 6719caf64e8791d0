import { call, expect, test } from "./studio";

test("the shelf: a pot is used and weighed, and what is left is the sum of its ledger", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/shelf/moss`, { waitUntil: "networkidle" });
  const ledger = page.getByRole("region", { name: "History" });
  await expect(ledger.getByRole("heading")).toHaveText("History: 30 g left");

  await ledger.getByLabel("What happened").selectOption("used");
  await ledger.getByLabel("Amount (g)").fill("4.5");
  await ledger.getByLabel("Note").fill("trial face");
  await ledger.getByRole("button", { name: "Write it down" }).click();
  await expect(ledger.getByRole("heading")).toHaveText("History: 26 g left");

  await ledger.getByLabel("What happened").selectOption("weighed");
  await ledger.getByLabel("Amount (g)").fill("24");
  await ledger.getByRole("button", { name: "Write it down" }).click();
  await expect(ledger.getByRole("heading")).toHaveText("History: 24 g left");
  await expect(ledger.getByRole("row")).toHaveCount(4);
  await expect(ledger.getByRole("row").last()).toContainText("−1.5 g");

  await ledger.getByLabel("What happened").selectOption("bought");
  await ledger.getByLabel("Amount (g)").fill("0");
  await ledger.getByRole("button", { name: "Write it down" }).click();
  await expect(ledger.getByText("more than 0 g")).toBeVisible();
});

test("the shelf: search, and a product without a colour is refused beside its field", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/shelf`, { waitUntil: "networkidle" });
  await page.getByLabel("Find on the shelf").fill("wax water");
  await expect(page.getByRole("status").filter({ hasText: "of" })).toHaveText(
    /^9 of \d+ products$/,
  );
  await expect(page.getByRole("row", { name: /Workshop gold/ })).toHaveCount(0);

  await page.goto(`${demo.url}/shelf/new`, { waitUntil: "networkidle" });
  await page.getByLabel("Name", { exact: true }).fill("Nothing");
  await page.getByLabel("Colour", { exact: true }).fill("");
  await page.getByRole("button", { name: "Save the product" }).click();
  await expect(page.getByText("a paint needs its colour")).toBeVisible();
});

test("an empty shelf says what to do, and lends the invented one", async ({ page, empty }) => {
  await page.goto(`${empty.url}/shelf`, { waitUntil: "networkidle" });
  await expect(page.getByRole("heading", { name: "The shelf is empty" })).toBeVisible();
  await page.getByRole("button", { name: "Load sample products" }).click();
  await expect(page.getByText("67 of 67 products")).toBeVisible();
  await page.goto(`${empty.url}/people`);
  await expect(page.getByRole("heading", { name: "Nobody here yet" })).toBeVisible();
  await page.goto(`${empty.url}/looks`);
  await expect(page.getByRole("heading", { name: "No look yet" })).toBeVisible();
});

test("people: measures draw the face, and a reaction rules the product out of the plan", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/people/bram-oskell`, { waitUntil: "networkidle" });
  await page.getByLabel("Measured by tape").check();
  await page.getByLabel("Cheekbone to cheekbone, mm").fill("20");
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("at least 100 mm")).toBeVisible();
  await page.getByLabel("Cheekbone to cheekbone, mm").fill("151");
  await page.getByLabel("Test of Clay brown after 24 h").selectOption("reaction");
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("Bram Oskell is saved")).toBeVisible();

  await page.goto(`${demo.url}/looks/drought/drought-quarry/plan`, { waitUntil: "networkidle" });
  await expect(page.getByRole("heading", { name: "This plan is stopped" })).toBeVisible();
  await expect(
    page.getByText("Bram Oskell reacted to Clay brown in a patch test.").first(),
  ).toBeVisible();
  await page.goto(demo.url);
  await expect(
    page
      .getByRole("listitem")
      .filter({ hasText: "Drought" })
      .getByText("Stopped by a safety rule: open the plan."),
  ).toBeVisible();

  await page.goto(`${demo.url}/people/bram-oskell`, { waitUntil: "networkidle" });
  await page.getByLabel("Test of Clay brown after 24 h").selectOption("nothing");
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("Bram Oskell is saved")).toBeVisible();
});

test("the brief saves itself as it is typed, and the plan follows the weather and the curtain", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/drought/drought-quarry/brief`, { waitUntil: "networkidle" });
  const start = page
    .getByText(/at the chair · start/)
    .locator("strong")
    .last();
  await expect(start).toBeVisible();
  const before = await start.innerText();
  await page.getByLabel("Travel, min").fill("90");
  await expect(start).not.toHaveText(before);
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  expect(minutes(before) - minutes(await start.innerText())).toBe(60);
  await page.getByLabel("Humidity (%)", { exact: true }).fill("140");
  await expect(page.getByText("1 to 100 %")).toBeVisible();
  await expect(page.getByText("not saved: correct the marked field")).toBeVisible();
  await page.getByLabel("Humidity (%)", { exact: true }).fill("28");
  await page.reload();
  await expect(page.getByLabel("Travel, min")).toHaveValue("90");
});

test("what is archived is out of sight, kept, and comes back with the toast's undo", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/shelf/dusk-violet`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Archive Dusk violet" }).click();
  await expect(page.getByRole("heading", { name: "Shelf" })).toBeVisible();
  await expect(page.getByRole("link", { name: "Dusk violet" })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Dusk violet" })).toBeVisible();
});

test("the archive brings back a job and a look, and deletes one for good", async ({
  page,
  empty,
  request,
}) => {
  const at = empty.url;
  await call("POST", `${at}/api/demo-shelf`, {});
  await page.goto(`${at}/looks/new`, { waitUntil: "networkidle" });
  await page.getByLabel("Name of the look").fill("Squall");
  await page.getByLabel("Name", { exact: true }).fill("Somebody");
  await page.getByRole("button", { name: "Save the brief and choose paint" }).click();
  await page.waitForURL(/\/paint$/);
  const [, lookId, jobId] = /looks\/([^/]+)\/([^/]+)\//.exec(page.url()) ?? [];
  const away = (url: string) => call("PUT", `${at}${url}/archived`, { archived: true });
  expect((await away(`/api/jobs/${jobId}`)).status).toBe(200);
  expect((await away(`/api/looks/${lookId}`)).status).toBe(200);
  // What is archived takes no late save.
  const late = await call("PUT", `${at}/api/looks/${lookId}`, {
    version: 1,
    design: { schema: 1, name: "late", layers: [] },
  });
  expect(late.status).toBe(410);

  await page.goto(`${at}/archive`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Restore Squall on Somebody" }).click();
  await expect(page.getByRole("region", { name: "Jobs" })).toHaveCount(0);
  await page.getByRole("button", { name: "Restore Squall", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Nothing archived" })).toBeVisible();
  await page.goto(`${at}/looks/${lookId}/${jobId}/brief`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Archive Squall" }).click();
  await expect(page.getByText("Squall archived")).toBeVisible();

  await page.goto(`${at}/archive`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Delete Squall for good" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Delete for good" }).click();
  await expect(page.getByRole("heading", { name: "Nothing archived" })).toBeVisible();
  expect((await request.get(`${at}/looks/${lookId}`)).status()).toBe(404);
});

test("a look designed on a stand-in gets its first person and brief", async ({ page, demo }) => {
  await page.goto(`${demo.url}/looks/thunderhead/anyone/brief`, { waitUntil: "networkidle" });
  await expect(page.getByRole("heading", { name: "Who is it for, and when?" })).toBeVisible();
  await page.getByLabel("Person", { exact: true }).selectOption({ label: "Perrin Vaile" });
  await page.getByLabel("Place", { exact: true }).fill("gate, dusk");
  await page.getByRole("button", { name: "Save the brief and choose paint" }).click();
  await expect(page.getByRole("heading", { name: /^face, .* h at/ })).toBeVisible();
  await page.getByRole("link", { name: /^Map/ }).click();
  await expect(page.getByRole("region", { name: "Findings" })).toContainText(
    "Perrin Vaile has a beard",
  );
});
