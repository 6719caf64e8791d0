import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { countRetired, retiredTerms } from "../words/retired";
import { expect, test } from "./studio";

const VIEWS = [
  "/",
  "/safety",
  "/calls",
  "/looks",
  "/looks/new",
  "/looks/drought/drought-quarry/brief",
  "/looks/drought/drought-quarry/paint",
  "/looks/first-frost/frost-reservoir/map",
  "/looks/first-frost/frost-reservoir/plan",
  "/looks/first-frost/frost-reservoir/time",
  "/looks/bog-light/bog-reservoir/pieces",
  "/looks/drought/drought-quarry/record",
  "/records",
  "/records/practice",
  "/chair/first-frost/frost-reservoir",
  "/looks/sundog/sundog-hillside/colour",
  "/mixing",
  "/people",
  "/people/nomi-tarrow",
  "/shelf",
  "/shelf/chalk-white",
  "/shelf/planning",
  "/shelf/palettes",
  "/shelf/palettes/frost-tin",
  "/shelf/costs",
  "/looks/first-frost/frost-reservoir/kit",
  "/shelf/swatches",
  "/shelf/exchange",
  "/rules",
  "/settings",
  "/booth",
];

test.describe.configure({ mode: "parallel" });

const WCAG = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];

/** How a page is worn: a theme, or colours the reader chose for everything. */
type Look = "studio" | "wings" | "forced colours";
const LOOKS: readonly Look[] = ["studio", "wings", "forced colours"];

/** Faults that axe finds on the page as it stands, each with where it is. The second theme differs in its colours alone. */
async function faults(page: Page, theme: Look): Promise<string[]> {
  // Nothing of ours is in a frame: the legacy mode runs in the page alone, and only what is wrong is described.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
  const { violations } = await (
    theme === "studio" ? axe.withTags(WCAG) : axe.withRules(["color-contrast"])
  ).analyze();
  return violations.map(({ id, nodes }) => {
    const where = nodes.slice(0, 3).map((node) => node.target.join(" "));
    return `${id}: ${where.join(" | ")}`;
  });
}

const sideways = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Changes the theme of the open page, all at once: half faded colours have other contrasts. */
async function wear(page: Page, look: Look): Promise<void> {
  await page.emulateMedia({ forcedColors: look === "forced colours" ? "active" : "none" });
  await page.evaluate(
    (name) => {
      const still = document.createElement("style");
      still.textContent = "*, *::before, *::after { transition: none !important; }";
      document.head.append(still);
      document.documentElement.dataset.theme = name;
    },
    look === "wings" ? "wings" : "studio",
  );
}

/** Grounds in a colour of their own that the page does not show: a swatch of a paint must. */
const lostSwatches = (page: Page) =>
  page.locator("[style*=background]").evaluateAll((elements) =>
    elements
      .filter((element): element is HTMLElement => element instanceof HTMLElement)
      .filter(({ style }) => /^(rgb|#)/.test(style.backgroundColor))
      .filter((swatch) => getComputedStyle(swatch).backgroundColor !== swatch.style.backgroundColor)
      .map((swatch) => swatch.outerHTML.slice(0, 120)),
  );

const SIZES = {
  "390 px wide": { width: 390, height: 844 },
  "200 % zoom": { width: 640, height: 400 },
};

// Three shares of one walk, so that every view is loaded once and the shares run side by side.
const SHARES = [0, 1, 2];
for (const share of SHARES) {
  const views = VIEWS.filter((_, i) => i % SHARES.length === share);
  test(`views ${share + 1} of ${SHARES.length}: no fault that axe finds in either theme or forced colours, no swatch lost there, no sideways scrolling at 390 px or 200 % zoom, nothing fetched from outside`, async ({
    page,
    demo,
  }) => {
    const strange: string[] = [];
    page.on("request", (request) => {
      if (![demo.url, "data:", "blob:"].some((ours) => request.url().startsWith(ours)))
        strange.push(request.url());
    });
    const found: string[] = [];
    const words: string[] = [];
    let seen = 0;
    for (const path of views) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(demo.url + path, { waitUntil: "networkidle" });
      const text = await page.locator("body").innerText();
      seen += text.split("\n").length;
      words.push(...retiredTerms(text).map((word) => `${path}: ${word}`));
      if (countRetired(text) > 0) words.push(`${path}: ${countRetired(text)} retired phrases`);
      for (const look of LOOKS) {
        await wear(page, look);
        found.push(...(await faults(page, look)).map((fault) => `${path} in ${look}: ${fault}`));
      }
      found.push(...(await lostSwatches(page)).map((swatch) => `${path}: colour lost, ${swatch}`));
      await wear(page, "studio");
      for (const [name, size] of Object.entries(SIZES)) {
        await page.setViewportSize(size);
        await expect.poll(() => sideways(page), `${path} at ${name}`).toBeLessThanOrEqual(1);
      }
    }
    expect(found).toEqual([]);
    expect(strange).toEqual([]);
    console.log(`${seen} lines of text seen for retired words`);
    expect(words).toEqual([]);
    expect(retiredTerms("This zone, dE 3, #aabbcc.")).toHaveLength(3);
  });
}

/** Each dialog, and how one gets there. */
const DIALOGS: readonly (readonly [title: string | RegExp, path: string, ...clicks: string[]])[] = [
  ["Add a layer", "/looks/drought/drought-quarry/map", "Add layer"],
  [/^Versions of/, "/looks/drought/drought-quarry/map", "Versions"],
  ["Find anything", "/", "Find"],
  ["Keys", "/", "Keys"],
  ["Delete the whole studio?", "/shelf/exchange", "Delete everything"],
  [/^Delete .* for good/, "/people/nomi-tarrow", "Delete Nomi Tarrow for good"],
  [/./, "/looks/first-frost/frost-reservoir/plan", "Removal card"],
];

test("dialogs: no fault that axe finds in either theme or forced colours, and Escape closes each", async ({
  page,
  demo,
}) => {
  const found: string[] = [];
  for (const [title, path, ...clicks] of DIALOGS) {
    await page.goto(demo.url + path, { waitUntil: "networkidle" });
    for (const name of clicks) await page.getByRole("button", { name }).first().click();
    const dialog = page.getByRole("dialog", { name: title });
    await expect(dialog).toBeVisible();
    for (const look of LOOKS) {
      await wear(page, look);
      found.push(...(await faults(page, look)).map((fault) => `${title} in ${look}: ${fault}`));
    }
    await wear(page, "studio");
    await page.keyboard.press("Escape");
    await expect(dialog).toBeHidden();
  }
  expect(found).toEqual([]);
});

test("a plan printed from the dark theme is black on white: nothing faint is lost on paper", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/first-frost/frost-reservoir/plan`, {
    waitUntil: "networkidle",
  });
  await wear(page, "wings");
  await page.emulateMedia({ media: "print" });
  const found = await new AxeBuilder({ page })
    .setLegacyMode()
    .include("main")
    .withRules(["color-contrast"])
    .analyze();
  expect(found.violations.flatMap(({ nodes }) => nodes.map(({ html }) => html))).toEqual([]);
});

test("keyboard: skip link, key help, commands, and the theme, which is kept", async ({
  page,
  demo,
}) => {
  await page.goto(demo.url);
  await page.keyboard.press("Tab");
  await expect(page.getByRole("link", { name: "Skip to the content" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.locator("#content")).toBeFocused();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page.keyboard.press("ControlOrMeta+k");
  await expect(page.getByPlaceholder("Type a few letters")).toBeFocused();
  await page.keyboard.type("dark");
  await page.keyboard.press("Enter");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "wings");
  await page.reload();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "wings");
  await page.waitForLoadState("networkidle");
  await page.keyboard.press("ControlOrMeta+k");
  await expect(page.getByPlaceholder("Type a few letters")).toBeFocused();
  await page.keyboard.type("go to shelf");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/shelf$/);
  // Looks, people, products and rules are found as well, by any of their words.
  for (const [typed, url] of [
    ["frost first", /\/looks\/first-frost\//],
    ["nomi person", /\/people\/nomi-tarrow$/],
    ["chalk white", /\/shelf\/chalk-white$/],
    ["SAFE-11", /\/rules#SAFE-11$/],
  ] as const) {
    await page.keyboard.press("ControlOrMeta+k");
    await expect(page.getByPlaceholder("Type a few letters")).toBeFocused();
    await page.keyboard.type(typed);
    await expect(page.getByRole("option").first()).toBeVisible();
    await page.keyboard.press("Enter");
    await expect(page).toHaveURL(url);
  }
});
