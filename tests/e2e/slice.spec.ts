import type { Page } from "@playwright/test";
import { exposedZones, lookContext, LookSchema } from "../../src/core/look";
import { makePlan } from "../../src/core/plan";
import { dryingMinutes } from "../../src/core/climate";
import { USUAL_BRIEF } from "../../src/core/brief";
import { expect, test } from "./studio";
import Database from "better-sqlite3";
import { join } from "node:path";

/** Goes to a control by its visible label and types there, as with Tab and the keyboard. */
async function type(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.focus();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type(text);
}
async function press(page: Page, role: "button" | "link", name: string | RegExp): Promise<void> {
  await page
    .getByRole(role, { name, exact: typeof name === "string" })
    .first()
    .focus();
  await page.keyboard.press("Enter");
}

test("a painter starts with nothing and ends with a printed plan", async ({ page, empty }) => {
  await page.goto(empty.url);
  await expect(page.getByRole("heading", { name: "What do you paint?" })).toBeVisible();

  // A shelf: three products typed by hand.
  for (const [name, kind, colour, hiding, grams] of [
    ["Fen white", "waterGlycerine", "#f2f1ec", "0.8", "20"],
    ["Fen grey", "waterGlycerine", "#6a7077", "0.9", "1"],
    ["Fen black", "waterWax", "#151517", "0.98", "10"],
  ] as const) {
    await page.goto(`${empty.url}/shelf/new`);
    await type(page, "Name", name);
    await page.getByLabel("Kind", { exact: true }).selectOption(kind);
    await type(page, "Pot (g)", grams);
    await type(page, "Colour", colour);
    await type(page, "Opacity of one coat, 0 to 1", hiding);
    await page.getByLabel("Made for use round the eyes").focus();
    await page.keyboard.press("Space");
    await press(page, "button", "Save the product");
    await expect(page.getByRole("link", { name })).toBeVisible();
  }

  // The brief.
  await page.goto(empty.url);
  await press(page, "link", "New look from a brief");
  await type(page, "Name of the look", "Fen light");
  await type(page, "Name", "Orla Fenn");
  await type(page, "Age, years", "31");
  await type(page, "Skin colour", "#8a5a3c");
  await page.getByLabel("natural rubber latex").focus();
  await page.keyboard.press("Space");
  await type(page, "In a few words", "marsh fire, patient");
  await type(page, "Place", "village hall");
  await type(page, "Air temperature (°C)", "22");
  await type(page, "Humidity (%)", "50");
  await type(page, "Hours worn", "3");
  await type(page, "Closest viewer (m)", "2");
  await type(page, "Farthest viewer (m)", "15");
  await type(page, "Hat or fringe line, mm above the bridge of the nose", "45");
  await page.getByLabel("Curtain").fill("2030-05-04T12:00");
  await type(page, "Travel, min", "60");
  await type(page, "Getting dressed (min)", "0");
  await type(page, "Buffer (min)", "0");
  await press(page, "button", "Save the brief and choose paint");

  // Paint: recommended with reasons, and what was refused and why.
  await expect(page.getByRole("heading", { name: /face, 3 h at 22 °C and 50 %/ })).toBeVisible();
  const refused = page.getByRole("complementary");
  await expect(refused).toContainText("liquid latex");
  await expect(refused).toContainText("allergic to natural rubber latex");
  await expect(refused.getByRole("link", { name: "SAFE-2" })).toHaveAttribute(
    "href",
    "/rules#SAFE-2",
  );
  const options = page
    .getByRole("list", { name: "Paint systems, best first" })
    .getByRole("listitem")
    .filter({ has: page.getByRole("button") });
  expect(await options.count()).toBeGreaterThanOrEqual(2);
  const chosen = options.filter({
    has: page.getByRole("heading", { name: /^glycerine water colour/i }),
  });
  await expect(chosen).toContainText(/on your shelf|kind to skin/);
  await chosen.getByRole("button", { name: "Use this" }).focus();
  await page.keyboard.press("Enter");
  await expect(chosen.getByRole("button", { name: "In use" })).toBeVisible();

  // Map: base, contour, shading, detail.
  await press(page, "link", /^Map/);
  const stack = page.getByRole("region", { name: "Layers" });
  await expect(stack).toBeVisible();
  for (const role of ["base", "contour", "shading", "detail"]) {
    await page.locator("body").press("a");
    await page
      .getByRole("dialog")
      .getByRole("button", { name: new RegExp(`^${role}`, "i") })
      .focus();
    await page.keyboard.press("Enter");
  }
  await expect(stack.getByRole("listitem")).toHaveText([
    /Base/,
    /Contour/,
    /Shading/,
    /Detail/,
    /Barrier spray/,
  ]);
  await expect(page.getByText("nowhere yet")).toBeVisible();
  await page.getByLabel("chin", { exact: true }).focus();
  await page.keyboard.press("Space");
  const layer = page.getByRole("region", { name: "Layer", exact: true });
  await layer.getByLabel("Coats").selectOption("2");
  await layer.getByLabel("Tool").selectOption({ label: "liner brush" });

  // One finding mended with its button, and undone and done again by keys.
  const findings = page.getByRole("region", { name: "Findings" });
  const mud = findings.getByRole("listitem").filter({ hasText: "turn to mud" });
  await expect(mud.first()).toBeVisible();
  await expect(findings.locator("ol[aria-busy=false]")).toBeVisible();
  const before = await mud.count();
  await mud
    .first()
    .getByRole("button", { name: /first$/ })
    .focus();
  await page.keyboard.press("Enter");
  await expect(mud).toHaveCount(before - 1);
  await page.locator("body").press("ControlOrMeta+z");
  await expect(mud).toHaveCount(before);
  await page.locator("body").press("ControlOrMeta+Shift+z");
  await expect(mud).toHaveCount(before - 1);
  await expect(page.getByRole("status").filter({ hasText: /saved \d\d:/ })).toBeVisible();

  // It is saved: the file has it, and a reload shows the same.
  const [, lookId = "", jobId = ""] = /looks\/([^/]+)\/([^/]+)\//.exec(page.url()) ?? [];
  const stored = () => {
    const file = new Database(join(empty.folder, "studio.db"), { readonly: true });
    const row = file.prepare("SELECT design FROM look WHERE id = ?").get(lookId) as {
      design: string;
    };
    const products = (
      file.prepare("SELECT id, version, fields FROM product").all() as {
        id: string;
        version: number;
        fields: string;
      }[]
    ).map(({ id, version, fields }) => ({ ...(JSON.parse(fields) as object), id, version }));
    const job = file.prepare("SELECT brief, person_id FROM job WHERE id = ?").get(jobId) as {
      brief: string;
      person_id: string;
    };
    const person = file
      .prepare("SELECT id, version, fields FROM person WHERE id = ?")
      .get(job.person_id) as { id: string; version: number; fields: string };
    file.close();
    return {
      look: LookSchema.parse(JSON.parse(row.design)),
      products,
      brief: { ...USUAL_BRIEF, ...(JSON.parse(job.brief) as object) },
      person: { ...(JSON.parse(person.fields) as object), id: person.id, version: person.version },
    };
  };
  await page.reload();
  await expect(stack.getByRole("listitem")).toHaveCount(6);

  // The plan, against the core on what the file holds, and against figures worked by hand.
  await press(page, "link", /^Plan/);
  await expect(page.getByRole("heading", { name: "Steps" })).toBeVisible();
  const { look, products, brief, person } = stored();
  const context = lookContext({
    person,
    brief,
    products,
    today: new Date().toISOString().slice(0, 10),
  } as never);
  const stock = new Map(
    [
      ["Fen white", 20],
      ["Fen grey", 1],
      ["Fen black", 10],
    ].map(([name, grams]) => [
      products.find((product) => (product as { name?: string }).name === name)?.id ?? "",
      Number(grams),
    ]),
  );
  const plan = makePlan(look, context, stock);
  const times = page.getByLabel("Times");
  const minutes = Math.round(plan.chairMinutes);
  expect(minutes).toBeGreaterThan(20);
  await expect(times).toContainText(
    minutes < 60
      ? `${minutes} min`
      : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, "0")}`,
  );

  // Back from noon by hand: an hour's travel, no costume, nothing in hand, and until the last coat is dry, rounded up to a whole minute.
  const startAt = 12 * 60 - 60 - Math.ceil(plan.dryMinutes);
  await expect(
    times.getByText(
      `${String(Math.floor(startAt / 60)).padStart(2, "0")}:${String(startAt % 60).padStart(2, "0")}`,
    ),
  ).toBeVisible();
  await expect(times).toContainText("12:00");
  await expect(times).toContainText("11:00");

  // Coats and drying by hand: the base is computed, the detail is two coats by choice; 10 g/m2 at 0.45 carries 8.2 g/m2 of water, and the dressing room has 21 degC and 50 %.
  const steps = page.getByRole("table", { name: "Steps in working order" });
  const base = steps
    .getByRole("row")
    .filter({ has: page.getByRole("rowheader", { name: /^Base/ }) });
  const baseCoats = plan.steps.find((step) => step.title === "Base")?.coats ?? 0;
  await expect(base.getByRole("cell").nth(3)).toHaveText(`${baseCoats}computed`);
  const dry = Math.round(
    dryingMinutes({ wetGramsPerM2: 8.182, solvent: "water", airDegC: 21, rh: 50, airSpeed: 0.1 }),
  );
  expect(dry).toBe(2);
  await expect(base).toContainText(`${dry} min to dry`);
  const detail = steps
    .getByRole("row")
    .filter({ has: page.getByRole("rowheader", { name: /^Detail/ }) });
  await expect(detail.getByRole("cell").nth(3)).toHaveText("2fixed");

  // Grams by hand for the detail: chin area x 12 g/m2 x 2 coats x 1.4 left in the liner; and the whole kit against the core.
  const chin = context.figure.zone("chin").areaCm2;
  expect(exposedZones(context.brief)).toContain("chin");
  const need = plan.kit.find((entry) => entry.name === "Fen black");
  expect(need?.grams).toBeCloseTo((chin / 10_000) * 12 * 2 * 1.4, 9);
  const kit = page.getByRole("table", { name: "Paint needed against stock" });
  for (const entry of plan.kit)
    await expect(kit.getByRole("row").filter({ hasText: entry.name }).first()).toContainText(
      entry.missing > 0.005 ? "short" : "enough",
    );
  await expect(page.getByLabel("Cautions", { exact: true })).toContainText("One clean sponge");

  // Printed: the sheet alone, on white.
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("navigation", { name: "Studio" })).toBeHidden();
  await expect(steps).toBeVisible();
  expect((await page.pdf({ format: "A4" })).length).toBeGreaterThan(10_000);
});
