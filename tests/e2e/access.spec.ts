import AxeBuilder from "@axe-core/playwright";
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
  "/chair/first-frost/frost-reservoir",
  "/looks/sundog/sundog-hillside/colour",
  "/mixing",
  "/people",
  "/people/nomi-tarrow",
  "/shelf",
  "/shelf/chalk-white",
  "/shelf/planning",
  "/shelf/trays",
  "/shelf/trays/frost-tin",
  "/shelf/costs",
  "/looks/first-frost/frost-reservoir/tray",
  "/shelf/swatches",
  "/shelf/exchange",
  "/rules",
];

for (const theme of ["studio", "wings"]) {
  test(`no view has an accessibility fault that axe finds, in the ${theme} theme`, async ({
    page,
    context,
    demo,
  }) => {
    test.setTimeout(300_000);
    await context.addCookies([{ name: "theme", value: theme, url: demo.url }]);
    for (const path of VIEWS) {
      await page.goto(demo.url + path, { waitUntil: "networkidle" });
      const { violations } = await new AxeBuilder({ page })
        .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
        .analyze();
      expect(
        violations.map(
          (violation) =>
            `${path}: ${violation.id}: ${violation.nodes
              .map((node) => node.target.join(" "))
              .slice(0, 3)
              .join(" | ")}`,
        ),
      ).toEqual([]);
    }
  });
}

test("works at 390 px wide and at 200 % zoom without sideways scrolling of the page", async ({
  page,
  demo,
}) => {
  for (const size of [
    { width: 390, height: 844 },
    { width: 640, height: 400 },
  ]) {
    await page.setViewportSize(size);
    for (const path of VIEWS) {
      await page.goto(demo.url + path, { waitUntil: "networkidle" });
      expect(
        await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
        `${path} at ${size.width}`,
      ).toBeLessThanOrEqual(1);
    }
  }
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
});

test("nothing is fetched from outside", async ({ page, demo }) => {
  const strange: string[] = [];
  page.on("request", (request) => {
    if (
      !request.url().startsWith(demo.url) &&
      !request.url().startsWith("data:") &&
      !request.url().startsWith("blob:")
    )
      strange.push(request.url());
  });
  for (const path of VIEWS) await page.goto(demo.url + path, { waitUntil: "networkidle" });
  expect(strange).toEqual([]);
});
