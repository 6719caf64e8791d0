import type { Locator, Page } from "@playwright/test";
import { expect, openStudio, test } from "./studio";

/** Taps, counted as a painter makes them: one thumb on a phone. */
class Thumb {
  taps = 0;
  constructor(private readonly page: Page) {}
  async tap(what: Locator): Promise<void> {
    this.taps++;
    await what.click();
  }
  button(name: string | RegExp): Promise<void> {
    return this.tap(this.page.getByRole("button", { name }));
  }
}

test("a party painter goes from an empty studio to how many children, which designs, whether the paint is enough, and a card for the parent in at most 25 taps", async ({
  page,
}) => {
  const studio = await openStudio({ demo: false });
  await page.setViewportSize({ width: 390, height: 844 });
  // A quarter past two on a Saturday; the booth closes at four.
  await page.clock.setFixedTime(new Date("2026-11-28T14:15:00"));
  await page.goto(studio.url, { waitUntil: "networkidle" });
  const thumb = new Thumb(page);
  await thumb.button(/^Parties and booths/);
  await expect(page).toHaveURL(/\/booth$/);
  const told = page.getByRole("region", { name: "How many more" });
  for (let i = 0; i < 4; i++) await thumb.button("five more waiting");
  await expect(told.getByRole("status")).toContainText(/more fit before 16:00|fit before 16:00/);
  await expect(told).toContainText(
    /Close the queue at \d\d:\d\d|Close the queue now|Send \d+ home/,
  );
  const offer = page.getByRole("region", { name: "On offer now" });
  await expect(offer.getByRole("listitem")).toHaveCount(3);
  for (const name of ["Gate leaf", "Two hailstones", "Small sundog"])
    await expect(offer.getByRole("listitem").filter({ hasText: name })).toContainText(
      /paint for (over )?\d+ more/,
    );
  // Nothing begins before somebody has agreed.
  await expect(page.getByRole("button", { name: "Begin Small sundog" })).toBeDisabled();
  // One child is asked, agreed for, painted and counted.
  const check = page.getByRole("region", { name: "Ask before the first stroke" });
  await thumb.tap(check.getByRole("button", { name: "3 to 11" }));
  await thumb.tap(check.getByRole("button", { name: "A parent or guardian is here and agrees" }));
  await thumb.tap(check.getByLabel("Allergic to anything?"));
  await check.getByLabel("Allergic to anything?").selectOption({ label: "carmine" });
  // Brick is made with carmine: the leaf and its berries are off for this child.
  await expect(offer.getByRole("listitem").filter({ hasText: "Gate leaf" })).toContainText(
    "not for them: Brick",
  );
  await thumb.button("Begin Small sundog");
  await page.clock.setFixedTime(new Date("2026-11-28T14:22:00"));
  await thumb.button("Done");
  await expect(offer).toContainText(/Painted today: 1 × Small sundog \(7\.0 min each\)/);
  // The next child is asked anew: what was agreed for this one does not count for them.
  await expect(page.getByRole("button", { name: "Begin Small sundog" })).toBeDisabled();
  await thumb.button("Card for the parent");
  const card = page.getByRole("dialog", { name: "Card for the parent" });
  await expect(card).toContainText("allergic to carmine");
  await expect(card).toContainText("If the skin reacts");
  await thumb.tap(card.getByRole("button", { name: "Close" }));
  await thumb.button("Next in the queue");
  expect(thumb.taps).toBeLessThanOrEqual(25);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  // What is offered changes when a design takes longer, or a pot runs low.
  const fits = async () =>
    Number(/\d+/.exec((await told.getByRole("status").textContent()) ?? "")?.[0] ?? NaN);
  const before = await fits();
  await page.getByLabel("Closes at").fill("15:00");
  await expect.poll(fits).not.toBe(before);
  await expect(told).toContainText(/Send \d+ home|Close the queue/);
  // Nothing is lost when the tab is closed, and it works without the studio.
  await expect(page.getByText(/works offline/)).toBeVisible({ timeout: 15_000 });
  await studio.close();
  await page.reload();
  await expect(page.getByRole("heading", { name: "Booth" })).toBeVisible();
  await expect(offer).toContainText("1 × Small sundog");
});
