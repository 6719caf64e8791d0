import { expect, openStudio, test } from "./studio";
import { pdfText } from "./pdfText";

test("settings: own brushes and hands reach map and plan; what is wrong is said beside its field, and a newer version is not written over", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await page.getByLabel("Liner brush (mm)").fill("0.1, 4");
  await page.getByLabel("Air temperature (°C)").fill("60");
  await page.getByRole("button", { name: "Save settings" }).click();
  await expect(page.getByText("Please correct the marked fields.")).toBeVisible();
  await expect(page.getByText("at most 45 °C")).toBeVisible();
  await expect(page.getByText("Sizes from 0.5 to 120 mm, with commas between.")).toBeVisible();

  // What was typed outlives a reload.
  await page.reload({ waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Restore" }).click();
  await page.getByLabel("Air temperature (°C)").fill("19");
  await page.getByLabel("Liner brush (mm)").fill("4, 1.5 mm");
  await page.getByLabel("Steadiness").selectOption("a clear tremor");
  await page.getByLabel("Paper").selectOption("Letter");
  await page.getByLabel("Emergency number").fill("999");
  await page.getByRole("button", { name: "Save settings" }).click();
  await expect(page.getByText("Settings saved")).toBeVisible();
  await page.reload({ waitUntil: "networkidle" });
  await expect(page.getByLabel("Liner brush (mm)")).toHaveValue("1.5, 4");
  await expect(page.getByLabel("Emergency number")).toHaveValue("999");

  await page.goto(`${demo.url}/looks/thunderhead/anyone/map`, { waitUntil: "networkidle" });
  await page
    .getByRole("region", { name: "Layers" })
    .locator("[data-layer]", { hasText: /Forked lines/ })
    .click();
  const layer = page.getByRole("region", { name: "Layer", exact: true });
  await expect(layer.getByText(/^1\.5 mm, fine synthetic: wet as ink/)).toBeVisible();
  await page
    .getByRole("group", { name: "Shapes" })
    .getByLabel("line width, mm", { exact: true })
    .last()
    .fill("1");
  await expect(page.getByText(/finer than you can draw evenly/).first()).toBeVisible();

  // Another tab saves first: nothing is written over unasked.
  const other = await page.context().newPage();
  await other.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await page.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await page.getByLabel("Steadiness").selectOption("steady");
  await page.getByRole("button", { name: "Save settings" }).click();
  await expect(page.getByText("Settings saved")).toBeVisible();
  await other.getByLabel("Emergency number").fill("112");
  await other.getByRole("button", { name: "Save settings" }).click();
  await expect(
    other.getByText(/[Uu]se theirs|Keep mine|[Ss]aved in another|newer/).first(),
  ).toBeVisible();
});

test("places: dates, money, clock, temperature, weight, length and paper follow the one chosen, on screen and in print; what was typed is the same in each", async ({
  page,
}) => {
  // A studio of its own: no other test is to read it in pounds.
  const demo = await openStudio({ demo: true });
  const choose = async (place: string) => {
    await page.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
    await page.getByLabel("Written as in").selectOption(place);
    await page.getByRole("button", { name: "Save settings" }).click();
    await expect(page.getByText("Settings saved")).toBeVisible();
  };
  const job = `${demo.url}/looks/first-frost/frost-reservoir`;
  const planText = async () => {
    const print = await page.request.get(
      `${demo.url}/api/looks/first-frost/sheet?what=plan&job=frost-reservoir`,
    );
    return pdfText(await print.body());
  };
  const SAID = {
    "United Kingdom": {
      money: /Paint for £\d\.\d\d/,
      clock: /^[01]\d:\d\d$|^2\d:\d\d$/,
      air: /11 °C/,
      mass: /\d g of \d/,
      print: /11 °C/,
      degrees: ["°C", "11"],
      farthest: ["m", "40"],
      height: "cm",
    },
    "United States": {
      money: /Paint for \$\d\.\d\d/,
      clock: /^\d{1,2}:\d\d [ap]m$/,
      air: /52 °F/,
      mass: /\d oz of \d/,
      print: /52 °F/,
      degrees: ["°F", "51.8"],
      farthest: ["ft", "131.2"],
      height: "in",
    },
    Germany: {
      money: /Paint for \d,\d\d\s€/,
      clock: /^[01]\d:\d\d$|^2\d:\d\d$/,
      air: /11 °C/,
      mass: /\d,\d g of \d/,
      print: /11 °C/,
      degrees: ["°C", "11"],
      farthest: ["m", "40"],
      height: "cm",
    },
  } as const;
  for (const place of ["United States", "Germany", "United Kingdom"] as const) {
    const said = SAID[place];
    await choose(place);
    await page.goto(`${job}/kit`, { waitUntil: "networkidle" });
    await expect(page.getByText(said.money).first()).toBeVisible();
    await expect(page.getByText(said.mass).first()).toBeVisible();
    await page.goto(demo.url, { waitUntil: "networkidle" });
    await expect(page.getByText(said.air).first()).toBeVisible();
    await expect(page.locator("dd").first()).toHaveText(said.clock);
    await page.goto(`${job}/brief`, { waitUntil: "networkidle" });
    const [sign, air] = said.degrees;
    await expect(page.getByLabel(`Air temperature (${sign})`)).toHaveValue(air);
    const [far, metres] = said.farthest;
    await expect(page.getByLabel(`Farthest viewer (${far})`)).toHaveValue(metres);
    await page.goto(`${demo.url}/people/nomi-tarrow`, { waitUntil: "networkidle" });
    await expect(page.getByLabel(`Height (${said.height})`)).toBeVisible();
    expect(await planText()).toMatch(said.print);
  }
  // Typed in one unit, kept, and read in another. The number one rings follows too.
  await choose("United States");
  await page.goto(`${demo.url}/settings`, { waitUntil: "networkidle" });
  await expect(page.getByLabel("Emergency number")).toHaveValue("911");
  await page.goto(`${job}/brief`, { waitUntil: "networkidle" });
  await page.getByLabel("Air temperature (°F)").fill("150");
  await expect(page.getByText("at most 122 °F")).toBeVisible();
  await page.getByLabel("Air temperature (°F)").fill("70");
  await expect(page.getByText(/^saved \d/)).toBeVisible();
  await page.reload({ waitUntil: "networkidle" });
  await expect(page.getByLabel("Air temperature (°F)")).toHaveValue("70");
  await choose("Germany");
  await page.goto(`${job}/brief`, { waitUntil: "networkidle" });
  await expect(page.getByLabel("Air temperature (°C)")).toHaveValue("21,1");
  await demo.close();
});
