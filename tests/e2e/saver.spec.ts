import { join } from "node:path";
import Database from "better-sqlite3";
import type { Locator, Page } from "@playwright/test";
import { call, expect, openStudio, test, type Studio } from "./studio";

/** Something that saves itself, and how its words are reached on screen and behind it. */
interface Thing {
  readonly path: string;
  readonly field: (page: Page) => Promise<Locator>;
  /** Saves other words by the route, as another tab would. */
  readonly elsewhere: (studio: Studio, words: string) => Promise<number>;
  /** Puts it away, where that can be done. */
  readonly away?: string;
}

function row<T>(studio: Studio, query: string): T {
  const file = new Database(join(studio.folder, "studio.db"), { readonly: true });
  const found = file.prepare(query).get() as T;
  file.close();
  return found;
}
const day = (studio: Studio) =>
  row<{ at: string }>(
    studio,
    "SELECT json_extract(brief, '$.curtainAt') AS at FROM job WHERE curtain_at >= strftime('%Y-%m-%dT%H:%M:%fZ', 'now') ORDER BY curtain_at LIMIT 1",
  ).at.slice(0, 10);

const THINGS: Readonly<Record<string, Thing>> = {
  look: {
    path: "/looks/thunderhead",
    field: async (page) => {
      await page.locator("[data-layer]", { hasText: /Cloud base/ }).click();
      return page.getByLabel("Note", { exact: true });
    },
    elsewhere: async (studio, words) => {
      const { version, design } = row<{ version: number; design: string }>(
        studio,
        "SELECT version, design FROM look WHERE id = 'thunderhead'",
      );
      const look = JSON.parse(design) as { layers: { name: string }[] };
      const layers = look.layers.map((layer) =>
        layer.name.startsWith("Cloud base") ? { ...layer, notes: words } : layer,
      );
      const url = `${studio.url}/api/looks/thunderhead`;
      return (await call("PUT", url, { version, design: { ...look, layers } })).status;
    },
    away: "/api/looks/thunderhead/archived",
  },
  job: {
    path: "/looks/drought/drought-quarry/brief",
    field: async (page) => page.getByLabel("Place", { exact: true }),
    elsewhere: async (studio, words) => {
      const { version, person, brief } = row<{ version: number; person: string; brief: string }>(
        studio,
        "SELECT version, person_id AS person, brief FROM job WHERE id = 'drought-quarry'",
      );
      return (
        await call("PUT", `${studio.url}/api/jobs/drought-quarry`, {
          version,
          personId: person,
          brief: { ...(JSON.parse(brief) as object), place: words },
        })
      ).status;
    },
    away: "/api/jobs/drought-quarry/archived",
  },
  call: {
    path: "/calls",
    field: async (page) => page.getByLabel(/^Name of artist|^Artist/).first(),
    elsewhere: async (studio, words) => {
      const date = day(studio);
      const kept = row<{ version: number; fields: string } | undefined>(
        studio,
        `SELECT version, fields FROM call WHERE id = '${date}'`,
      );
      const fields = kept
        ? (JSON.parse(kept.fields) as { artists: { name: string }[]; chairs: number })
        : { artists: [{ name: "", skills: null, lateMinutes: 0 }], chairs: 1 };
      const artists = fields.artists.map((artist, i) => (i ? artist : { ...artist, name: words }));
      const url = `${studio.url}/api/calls/${date}`;
      const body = { version: kept?.version ?? 0, fields: { ...fields, artists } };
      return (await call("PUT", url, body)).status;
    },
  },
};

for (const [name, thing] of Object.entries(THINGS))
  test.describe(`saving a ${name}`, () => {
    let studio: Awaited<ReturnType<typeof openStudio>>;
    test.beforeAll(async () => {
      studio = await openStudio({ demo: true });
    });
    test.afterAll(() => studio.close());
    const open = async (page: Page) => {
      await page.goto(studio.url + thing.path, { waitUntil: "networkidle" });
      return thing.field(page);
    };
    const saved = (page: Page) => expect(page.getByText(/^saved \d\d:/).first()).toBeVisible();
    const choice = (page: Page) =>
      page.getByRole("dialog", { name: "Somebody saved a newer version" });

    test("a draft older than what the studio has overwrites nothing unasked", async ({ page }) => {
      const field = await open(page);
      await page.context().setOffline(true);
      await field.fill("typed without a line");
      await expect(page.getByText("not saved yet, kept on this device").first()).toBeVisible();
      expect(await thing.elsewhere(studio, "newer, from elsewhere")).toBe(200);
      await page.context().setOffline(false);
      // The draft is begun from the old version: it is not sent over the newer one.
      const again = await open(page);
      await expect(again).toHaveValue("newer, from elsewhere");
      await page.getByRole("button", { name: "Restore" }).click();
      await expect(choice(page)).toBeVisible();
      await choice(page).getByRole("button", { name: "Use mine, discard theirs" }).click();
      await saved(page);
      await expect(await open(page)).toHaveValue("typed without a line");
    });
    test("a dead line is tried again by itself", async ({ page }) => {
      const field = await open(page);
      await page.context().setOffline(true);
      await field.fill("sent once the line is back");
      await expect(page.getByText("not saved yet, kept on this device").first()).toBeVisible();
      await page.context().setOffline(false);
      await saved(page);
      await expect(await open(page)).toHaveValue("sent once the line is back");
    });
    test("a newer version of another tab is told, and taken when it is asked for", async ({
      page,
    }) => {
      const field = await open(page);
      expect(await thing.elsewhere(studio, "theirs")).toBe(200);
      await field.fill("mine");
      await choice(page).getByRole("button", { name: "Use theirs, discard mine" }).click();
      await page.waitForLoadState("networkidle");
      await expect(await thing.field(page)).toHaveValue("theirs");
      expect(await thing.elsewhere(studio, "theirs again")).toBe(200);
    });
    if (thing.away)
      test("what was archived elsewhere is not written to, and what was typed is kept", async ({
        page,
      }) => {
        const field = await open(page);
        const put = { archived: true };
        expect((await call("PUT", studio.url + (thing.away ?? ""), put)).status).toBe(200);
        await field.fill("typed too late");
        await expect(page.getByRole("dialog", { name: /is gone$/ })).toBeVisible();
        const kept = await page.evaluate(() => JSON.stringify(Object.entries(localStorage)));
        expect(kept).toContain("typed too late");
        await call("PUT", studio.url + (thing.away ?? ""), { archived: false });
      });
  });

test("a record that could not be sent is kept over a reload, refused in words when its job was archived, and sent once", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  const records = () => row<{ n: number }>(studio, "SELECT count(*) AS n FROM record").n;
  const before = records();
  const path = `${studio.url}/looks/drought/drought-quarry/record`;
  const form = page.getByRole("region", { name: "New record" });
  const verdict = form.getByLabel("Verdict");
  const take = form.getByRole("button", { name: "Save record" });
  await page.goto(path, { waitUntil: "networkidle" });
  await page.context().setOffline(true);
  await verdict.fill("the cracks held");
  await take.click();
  await expect(form.getByRole("alert")).toContainText("doesn't answer");
  await page.context().setOffline(false);
  await page.goto(path, { waitUntil: "networkidle" });
  await expect(verdict).toHaveValue("");
  await form.getByRole("button", { name: "Restore" }).click();
  await expect(verdict).toHaveValue("the cracks held");
  const archived = `${studio.url}/api/jobs/drought-quarry/archived`;
  await call("PUT", archived, { archived: true });
  await take.click();
  await expect(form.getByRole("alert")).toContainText("archived");
  await expect(verdict).toHaveValue("the cracks held");
  await call("PUT", archived, { archived: false });
  await take.click();
  await expect(page.getByText("Record saved", { exact: true })).toBeVisible();
  await expect(verdict).toHaveValue("");
  expect(records()).toBe(before + 1);
  await studio.close();
});

test("house rules: what is typed is kept, and a newer version is not overwritten unasked", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  const box = page.getByRole("spinbutton").first();
  await page.goto(`${studio.url}/rules`, { waitUntil: "networkidle" });
  const house = await box.inputValue();
  await box.fill("77");
  await page.goto(`${studio.url}/rules`, { waitUntil: "networkidle" });
  await expect(box).toHaveValue(house);
  await page.getByRole("button", { name: "Restore" }).click();
  await expect(box).toHaveValue("77");
  const changes = { numbers: {}, off: ["SET-4"] };
  expect((await call("PUT", `${studio.url}/api/house`, { version: 0, changes })).status).toBe(200);
  await page.getByRole("button", { name: "Apply" }).click();
  await page.getByRole("button", { name: "Use mine, discard theirs" }).click();
  await expect(page.getByText("Rules and numbers, version 2, are in force")).toBeVisible();
  await page.getByRole("button", { name: /^Reset: / }).click();
  await expect(box).toHaveValue(house);
  await studio.close();
});
