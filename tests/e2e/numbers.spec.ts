import { join } from "node:path";
import Database from "better-sqlite3";
import type { Locator, Page } from "@playwright/test";
import { expect, test } from "./studio";

/** Every screen with boxes for numbers, and what has to be opened to see them. */
const SCREENS: readonly [path: string, open?: (page: Page) => Promise<void>][] = [
  ["/looks/new"],
  ["/looks/drought/drought-quarry/brief"],
  [
    "/looks/first-frost/frost-reservoir/map",
    async (page) => {
      // A layer with a mark, so that its measures show.
      await page.locator("[data-layer]", { hasText: /fern/i }).first().click();
      await expect(page.getByRole("group", { name: "Shapes" })).toBeVisible();
    },
  ],
  ["/looks/bog-light/bog-reservoir/pieces"],
  ["/looks/first-frost/frost-reservoir/time"],
  ["/looks/drought/drought-quarry/record"],
  [
    "/mixing",
    async (page) => {
      const paints = page.getByRole("combobox", { name: "Add a paint" });
      for (const i of [1, 2]) await paints.selectOption({ index: i });
    },
  ],
  ["/calls"],
  ["/people/nomi-tarrow"],
  ["/people/new"],
  ["/shelf/chalk-white"],
  ["/shelf/new"],
  ["/shelf/palettes/quarry-palette"],
  ["/shelf/planning"],
  ["/rules"],
];

/** What a hasty hand types, where it would be wrong. */
const TYPED = ["-5", "0.4", "", "abc", "99999999"];

async function type(page: Page, box: Locator, text: string): Promise<void> {
  await box.focus();
  await page.keyboard.press("Control+A");
  await page.keyboard.press("Delete");
  // A sign and a point come one by one, as they did harm; what is long comes as a word.
  if (text.length > 3) await page.keyboard.insertText(text);
  else if (text) await page.keyboard.type(text);
}

/** What the studio's file says of numbers: the rows that a box may write into. */
function written(folder: string): string {
  const file = new Database(join(folder, "studio.db"), { readonly: true });
  const tables = ["job", "look", "person", "product", "call", "tray", "house"];
  const known = new Set(
    (
      file.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").all() as {
        name: string;
      }[]
    ).map(({ name }) => name),
  );
  const rows = tables
    .filter((name) => known.has(name))
    .map((name) => file.prepare(`SELECT * FROM ${name}`).all());
  file.close();
  return JSON.stringify(rows);
}

/** Types what is wrong into one box by the keyboard. @returns what it did that it should not */
async function faultsOf(page: Page, box: Locator): Promise<string[]> {
  const faults: string[] = [];
  const mustHold = async (text: string) => {
    const holds = await box.inputValue();
    if (holds !== text) faults.push(`holds ${holds} where ${text} was typed`);
  };
  const mustRefuse = async (text: string) => {
    if ((await box.getAttribute("aria-invalid")) !== "true") faults.push(`takes ${text}`);
  };
  const before = await box.inputValue();
  const least = Number((await box.getAttribute("aria-valuemin")) ?? "-Infinity");
  for (const text of TYPED) {
    await type(page, box, text);
    await mustHold(text);
  }
  // The last is too large for any box that has a limit, and says so.
  if (await box.getAttribute("aria-valuemax")) await mustRefuse("99999999");
  if (least > -5) {
    await type(page, box, "-5");
    await box.blur();
    await mustHold("-5");
    await mustRefuse("-5");
  }
  await type(page, box, before);
  return faults;
}

test.describe.configure({ mode: "parallel" });
const SHARES = [0, 1, 2];
for (const share of SHARES) {
  const screens = SCREENS.filter((_, i) => i % SHARES.length === share);
  test(`every box for a number keeps what is typed, and takes nothing that is wrong: screens ${share + 1} of ${SHARES.length}`, async ({
    page,
    demo,
  }) => {
    let boxes = 0;
    // Whoever was here before may have a -5 of their own.
    const typed = () => written(demo.folder).match(/99999999|:-5[,}\]]/g)?.length ?? 0;
    const before = typed();
    const faults: string[] = [];
    for (const [path, open] of screens) {
      await page.goto(demo.url + path, { waitUntil: "networkidle" });
      await open?.(page);
      const all = page.getByRole("spinbutton");
      // What a chapter works out first, its boxes stand in.
      await all.first().waitFor({ state: "attached" });
      const count = await all.count();
      expect(count, `${path} has boxes`).toBeGreaterThan(0);
      for (let i = 0; i < count; i++) {
        const box = all.nth(i);
        if (!(await box.isVisible()) || !(await box.isEnabled())) continue;
        boxes++;
        faults.push(...(await faultsOf(page, box)).map((fault) => `${path}, box ${i}: ${fault}`));
      }
    }
    console.log(`${boxes} boxes for numbers on ${screens.length} screens`);
    expect(faults).toEqual([]);
    expect(boxes).toBeGreaterThan(20);
    // Nothing on any of these screens may have been saved with what was typed.
    expect(typed()).toBe(before);
  });
}
