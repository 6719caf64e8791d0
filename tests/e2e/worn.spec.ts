import type { Locator, Page } from "@playwright/test";
import { pdfText } from "./pdfText";
import { expect, test } from "./studio";

/** A look from its brief on: what is worn, what is laid for it, and what the plan then has to say. */
interface Worn {
  readonly name: string;
  /** Ticked in the brief. */
  readonly wears: readonly string[];
  /** Ready-made groups of the map, then layers by their role. */
  readonly sets: readonly string[];
  readonly layers: readonly RegExp[];
  /** Taken from the chapter Pieces. */
  readonly pieces: readonly string[];
  /** In the plan, one after another, whatever stands between. */
  readonly order: readonly string[];
  /** Among the products and pieces that are needed. */
  readonly needs: readonly string[];
  /** On the removal card. */
  readonly off: readonly RegExp[];
}

const LOOKS: readonly Worn[] = [
  {
    name: "Crag",
    wears: ["a glued piece: foam, latex, silicone, gelatine"],
    sets: ["Foam brow piece", "Foam nose"],
    layers: [/^base/i],
    pieces: [],
    order: ["Flatten the brows", "Adhesive for the piece", "Foam piece", "Foam nose", "Base"],
    needs: ["Ridge foam", "Medical hold", "Slow release"],
    off: [/adhesive/i],
  },
  {
    name: "Sleet",
    wears: ["a bald cap"],
    sets: ["Bald cap with plates of wax"],
    layers: [/^base/i],
    pieces: [],
    order: ["Adhesive for the cap", "Bald cap", "Plates of wax", "Base"],
    needs: ["Thin cap", "Medical hold", "Slow release"],
    off: [/cap/i],
  },
  {
    name: "Hare",
    wears: ["ears"],
    sets: [],
    layers: [/^base/i],
    pieces: ["ears"],
    order: ["Ears", "Base"],
    needs: ["Medical hold", "Slow release"],
    off: [/ears/i],
  },
  {
    name: "Cumulus",
    wears: ["a glued piece: foam, latex, silicone, gelatine"],
    sets: ["Full foam mask"],
    layers: [/^base/i],
    pieces: [],
    order: ["Flatten the brows", "Adhesive for the mask", "Foam mask", "Edge of the mask", "Base"],
    needs: ["Ridge foam", "Medical hold", "Slow release"],
    off: [/adhesive|mask/i],
  },
];

async function begin(page: Page, url: string, look: Worn): Promise<void> {
  await page.goto(`${url}/looks/new`);
  await page.getByLabel("Name of the look").fill(look.name);
  await page.getByLabel("Person", { exact: true }).selectOption({ label: "Bram Oskell" });
  for (const worn of look.wears)
    await page.getByRole("checkbox", { name: worn, exact: true }).check();
  await page.getByRole("button", { name: "Save the brief and choose paint" }).click();
  await page.waitForURL(/\/paint$/);
}

async function lay(page: Page, look: Worn): Promise<void> {
  await page.getByRole("link", { name: /^Map/ }).click();
  for (const what of [...look.sets, ...look.layers]) {
    await page.getByRole("button", { name: "Add layer" }).click();
    const dialog = page.getByRole("dialog", { name: "Add a layer" });
    const name = typeof what === "string" ? new RegExp(`^${what}(?! with)`) : what;
    await dialog.getByRole("button", { name }).first().click();
    await expect(dialog).toBeHidden();
  }
  if (!look.pieces.length) return;
  await page.getByRole("link", { name: /^Pieces/ }).click();
  for (const kind of look.pieces)
    await page.getByRole("button", { name: kind, exact: true }).click();
}

/** Rows of a table as one reads them: every cell, in words. */
const rowsOf = (table: Locator): Promise<string[]> =>
  table.evaluate((element: HTMLTableElement) =>
    [...element.rows].map((row) => [...row.cells].map((cell) => cell.innerText).join(" | ")),
  );

for (const look of LOOKS)
  test(`${look.name}: ${look.wears.join(", ")}, planned from the brief`, async ({ page, demo }) => {
    await begin(page, demo.url, look);
    await lay(page, look);
    await page.getByRole("link", { name: /^Plan/ }).click();
    const steps = page.getByRole("table", { name: "Steps in working order" });
    await expect(steps).toBeVisible();
    await expect(
      steps
        .getByRole("rowheader")
        .filter({ hasText: look.order.at(-1) ?? "" })
        .first(),
    ).toBeVisible();
    const rows = await rowsOf(steps);
    const places = look.order.map((title) => rows.findIndex((row) => row.includes(title)));
    expect(places, rows.join("\n")).not.toContain(-1);
    expect(
      [...places].sort((a, b) => a - b),
      rows.join("\n"),
    ).toEqual(places);
    // Every step has minutes, and none of them is nought.
    for (const row of rows.slice(1)) expect(row).toMatch(/\d+(\.\d)? ?(min|h|s)\b/);
    const kit = await rowsOf(page.getByRole("table", { name: "Paint needed against stock" }));
    for (const product of look.needs)
      expect(
        kit.some((row) => row.includes(product)),
        `${product} in ${kit.join("\n")}`,
      ).toBe(true);
    for (const row of kit.slice(1)) expect(row).toMatch(/\d ?(g|piece)/);
    const [, id = "", job = ""] = /looks\/([^/]+)\/([^/]+)/.exec(page.url()) ?? [];
    const card = await page.request.get(`${demo.url}/api/looks/${id}/removal?job=${job}`);
    const off = pdfText(await card.body());
    for (const words of look.off) expect(off).toMatch(words);
  });
