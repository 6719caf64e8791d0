import { call, expect, test } from "./studio";

test("a second tab saving an old version is told, keeps both, and loses nothing", async ({
  page,
  context,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/thunderhead`);
  const other = await context.newPage();
  await other.goto(`${demo.url}/looks/thunderhead`);
  await page.locator("[data-layer]", { hasText: /Cloud base/ }).click();
  await page.getByLabel("Note", { exact: true }).fill("from the first tab");
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await other.locator("[data-layer]", { hasText: /Cloud base/ }).click();
  await other.getByLabel("Note", { exact: true }).fill("from the second tab");
  const dialog = other.getByRole("dialog", { name: "Somebody saved a newer version" });
  await expect(dialog).toBeVisible();
  await dialog.getByRole("button", { name: "Keep both" }).click();
  await expect(other.getByRole("heading", { name: "Thunderhead, my version" })).toBeVisible();
  await other.locator("[data-layer]", { hasText: /Cloud base/ }).click();
  await expect(other.getByLabel("Note", { exact: true })).toHaveValue("from the second tab");
  await page.reload();
  await page.locator("[data-layer]", { hasText: /Cloud base/ }).click();
  await expect(page.getByLabel("Note", { exact: true })).toHaveValue("from the first tab");
});

test("what could not be saved is kept in the browser and offered again", async ({
  page,
  context,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/drought`);
  await page.locator("[data-layer]", { hasText: /Ochre ground/ }).click();
  await page.waitForLoadState("networkidle");
  await page.context().setOffline(true);
  await page.getByLabel("Note", { exact: true }).fill("typed while the line was dead");
  await expect(page.getByText("not saved yet, kept on this device")).toBeVisible();
  await page.close();
  page = await context.newPage();
  await context.setOffline(false);
  await page.goto(`${demo.url}/looks/drought`);
  await page.getByRole("button", { name: "Restore" }).click();
  await page.locator("[data-layer]", { hasText: /Ochre ground/ }).click();
  await expect(page.getByLabel("Note", { exact: true })).toHaveValue(
    "typed while the line was dead",
  );
});

test("a stale save by the route is a 409 that names the newest version", async ({ demo }) => {
  const design = {
    schema: 1,
    name: "Stale",
    system: null,
    layers: [],
    bare: [],
    accepted: [],
    notes: "",
  };
  const { body } = await call("POST", `${demo.url}/api/looks`, {
    name: "Stale",
    personId: "nomi-tarrow",
    brief: {
      airDegC: 21,
      rh: 50,
      air: "still",
      hoursWorn: 3,
      activity: "acting",
      nearestM: 1,
      farthestM: 12,
      skill: "practised",
    },
  });
  const url = `${demo.url}/api/looks/${String(body.lookId)}`;
  expect((await call("PUT", url, { version: 1, design })).body).toEqual({ version: 2 });
  const stale = await call("PUT", url, { version: 1, design });
  expect(stale.status).toBe(409);
  expect(stale.body.currentVersion).toBe(2);
});
