import { readFileSync } from "node:fs";
import sharp from "sharp";
import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

test("kit: three jobs, the shortage, a substitute, an order received, used, weighed, and the ledger adds up", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf/planning`, { waitUntil: "networkidle" });
  const jobs = page.getByRole("group", { name: /^Jobs/ });
  const line = page.getByRole("row", { name: /Ochre ground/ });
  const ledger = page.getByRole("region", { name: "History" });
  await test.step("What three jobs are short of, and by when it is ordered", async () => {
    for (const name of ["Gate leaf on Wren Hallam", "Bog Light on Bram Oskell"])
      await jobs.getByRole("checkbox", { name: new RegExp(name) }).uncheck();
    await expect(jobs.getByRole("checkbox", { checked: true })).toHaveCount(4);
    await jobs.getByRole("checkbox", { name: /Hail on Perrin Vaile/ }).uncheck();
    await expect(line).toContainText(/A pot for .* should have been ordered by/);
    await expect(page.getByRole("status").filter({ hasText: "short" })).toContainText(
      "One product is short",
    );
    await page.getByLabel("Delivery time (days)").fill("0");
    await expect(line).toContainText(/order (by|today)/);
  });
  await test.step("Another paint in its place, with what is lost, and the shortage is gone", async () => {
    await expect(line.getByText(/a colour difference of /)).toBeVisible();
    await line.getByRole("button", { name: "Put it in" }).click();
    await expect(page.getByText(/in the place of Ochre ground/).first()).toBeVisible();
    await expect(
      page
        .getByRole("status")
        .filter({ hasText: /shelf|short/ })
        .first(),
    ).toContainText("All of it is on the shelf.");
  });
  await test.step("One palette for the three of them", async () => {
    await page.getByText("One palette for them all").click();
    await expect(
      page.getByRole("status").filter({ hasText: /pans are enough for all \d+ colours/ }),
    ).toBeVisible({ timeout: 60_000 });
    await expect(
      page
        .getByRole("list", { name: "Colours of the palette" })
        .getByRole("listitem")
        .filter({ hasText: "First Frost:" })
        .first(),
    ).toBeVisible();
  });
  await test.step("Written down as used: once, however often it is said", async () => {
    const frost = jobs.locator("div", { hasText: "First Frost on Nomi Tarrow" }).last();
    await frost.getByRole("button", { name: "Deduct from stock" }).click();
    await expect(frost.getByRole("button", { name: /^Used again/ })).toBeVisible();
    await frost.getByRole("button", { name: /^Used again/ }).click();
    await page.goto(`${studio.url}/shelf/chalk-white`, { waitUntil: "networkidle" });
    await expect(ledger.getByRole("row", { name: /First Frost/ })).toHaveCount(1);

    await expect(page.getByRole("region", { name: "Where it is used" })).toContainText(
      /First Frost: .*Frost base/,
    );
  });
  await test.step("The scale, and what it says is written as a difference", async () => {
    await ledger.getByRole("button", { name: "Read the scale" }).click();
    await expect(ledger.getByText(/simulated kitchen scale: .* in the pot/)).toBeVisible();
    const grams = Number(await ledger.getByLabel("Amount (g)").inputValue());
    await ledger.getByRole("button", { name: "Write it down" }).click();
    await expect(ledger.getByRole("row", { name: /weighed/ })).toHaveCount(1);
    await expect(ledger.getByRole("heading")).toContainText(
      `${grams < 10 ? grams.toFixed(1) : Math.round(grams)} g left`,
    );
  });
  await test.step("What is in a look, to hand to the person or the venue", async () => {
    const sheet = pdfText(
      await (
        await page.request.get(`${studio.url}/api/looks/sundog/ingredients?job=sundog-hillside`)
      ).body(),
    );
    expect(sheet).toMatch(/Sundog: what goes on Ilse Marrow.*carmine/);
    expect(sheet).toMatch(/Brick, Millrace Colour.*Contains: carmine/);
    expect(sheet).toContain("the one on each product's label");
    expect(
      (await page.request.get(`${studio.url}/api/looks/sundog/ingredients?job=none`)).status(),
    ).toBe(404);
  });
  await test.step("The swatch book names what is missing", async () => {
    await page.goto(`${studio.url}/shelf/swatches`, { waitUntil: "networkidle" });
    await page.getByLabel("Order").selectOption("nearest");
    await expect(
      page.getByRole("list", { name: "Swatches" }).getByRole("listitem").first(),
    ).toContainText("Moss");
    await expect(page.getByRole("region", { name: "Gaps" })).toContainText(
      /No .* within a colour difference of 10/,
    );
  });
  await studio.close();
});

test("what is short is ordered and received, and the shelf has it, at its price", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf/planning`, { waitUntil: "networkidle" });
  const line = page.getByRole("row", { name: /Ochre ground/ });
  await expect(line).toContainText(/pots? for £\d+\.\d\d, should have been ordered by/);
  const pots = Number(/(\d+) pots/.exec(await line.innerText())?.[1] ?? "1");
  await line.getByRole("button", { name: "Received" }).click();
  await expect(page.getByText(`${30 * pots} g of Ochre ground received`)).toBeVisible();
  await expect(line.getByRole("button", { name: "Received" })).toHaveCount(0);
  await expect(line.getByRole("cell").nth(2)).toHaveText("no");
  await page.goto(`${studio.url}/shelf/ochre-ground`, { waitUntil: "networkidle" });
  await expect(page.getByRole("region", { name: "History" }).getByRole("heading")).toContainText(
    `${30 * pots + 5} g left`,
  );
  await expect(
    page
      .getByRole("region", { name: "Prices" })
      .getByRole("row", { name: new RegExp(`${30 * pots} g.*${(11.5 * pots).toFixed(2)}`) }),
  ).toHaveCount(pots === 1 ? 2 : 1);
  await studio.close();
});

test("exchange: a table is shown before it is taken, a second time brings nothing, and a backup puts everything back", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf/exchange`, { waitUntil: "networkidle" });
  const kit = page.getByRole("region", { name: "The kit as a table" });
  const table = {
    name: "kit.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(
      "name;kind;colour;size g;left g\nLichen;waterGlycerine;#8a9a5b;30;12,5\nNo kind;honey;#ffffff;10;10\n",
    ),
  };
  const [saved] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Back up" }).click(),
  ]);
  const file = await saved.path();

  await kit.getByLabel("Bring in a kit table (CSV)").setInputFiles(table);
  await expect(kit.getByRole("status")).toContainText(
    "1 new, 0 there already and left alone, 1 that can't be taken.",
  );
  await expect(kit.getByRole("list", { name: "Can't be taken" })).toContainText(
    'line 3, No kind: kind: "honey" is none that is known',
  );
  await kit.getByRole("button", { name: "Bring in 1" }).click();
  await expect(page.getByText("1 brought in")).toBeVisible();
  await kit.getByLabel("Bring in a kit table (CSV)").setInputFiles(table);
  await expect(kit.getByRole("status")).toContainText("0 new, 1 there already");
  await expect(kit.getByRole("button", { name: "Bring in 0" })).toBeDisabled();

  const files = page.getByRole("region", { name: "Colour file (.gpl)" });
  await files.getByLabel("Compare a colour file with the shelf (.gpl)").setInputFiles({
    name: "hand.gpl",
    mimeType: "text/plain",
    buffer: Buffer.from(
      "GIMP Palette\nName: By hand\n# typed\n91\t111 56  Moss-like\nnot a colour\n",
    ),
  });
  await expect(files.getByRole("status")).toContainText(/By hand: 1 colours; left out: line 5/);
  await expect(files.getByRole("listitem")).toContainText("Moss, the same colour");

  const whole = page.getByRole("region", { name: "Back up and restore" });
  await whole.getByLabel("Restore from a backup (.db)").setInputFiles({
    name: "wrong.db",
    mimeType: "application/octet-stream",
    buffer: Buffer.from("no database"),
  });
  await expect(whole.getByRole("alert")).toContainText("it is no database");
  await whole.getByLabel("Restore from a backup (.db)").setInputFiles({
    name: "studio.db",
    mimeType: "application/octet-stream",
    buffer: readFileSync(file),
  });
  await expect(whole.getByRole("row", { name: /products/ })).toContainText("6768");
  await whole.getByRole("button", { name: "Replace this studio with the backup" }).click();
  await expect(whole.getByRole("status")).toContainText("before-restore-");
  await page.goto(`${studio.url}/shelf`, { waitUntil: "networkidle" });
  await expect(page.getByText("67 of 67 products")).toBeVisible();
  await studio.close();
});

test("the shelf's table: sorted, under headings, columns chosen, and several rows changed at once and back", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Left", exact: true }).click();
  await page.getByRole("button", { name: "Left", exact: true }).click();
  await expect(page.getByRole("columnheader", { name: "Left" })).toHaveAttribute(
    "aria-sort",
    "ascending",
  );
  await expect(page.getByRole("row").nth(1)).toContainText("Leaf");
  await page.getByLabel("Group by").selectOption("kind");
  await expect(page.getByRole("rowheader", { name: /cream|powder/ }).first()).toBeVisible();
  await page.getByText("Columns", { exact: true }).click();
  await page.getByLabel("A gram").check();
  await expect(page.getByRole("columnheader", { name: "A gram" })).toBeVisible();
  await page.getByText("Columns", { exact: true }).click();
  await page.getByRole("combobox", { name: /^Show/ }).selectOption("past");
  await expect(page.getByText(/^\d+ of 67 products$/)).toBeVisible();
  await page.getByRole("combobox", { name: /^Show/ }).selectOption("all");
  await page.getByLabel("Choose Moss", { exact: true }).check();
  await page.getByLabel("Choose Brick", { exact: true }).check();
  await page.getByRole("button", { name: "Opened today" }).click();
  await expect(page.getByRole("row", { name: /Moss/ })).not.toContainText("not opened");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("row", { name: /Moss/ })).toContainText("not opened");
  await page.getByLabel("Choose Moss", { exact: true }).check();
  await page.getByRole("button", { name: "Archive" }).click();
  await expect(page.getByText("66 of 66 products")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByText("67 of 67 products")).toBeVisible();
  await studio.close();
});

test("a product's page: prices by purchase, hiding from a photograph of a card, a swatch by the meter", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf/slate-grey`, { waitUntil: "networkidle" });
  const ledger = page.getByRole("region", { name: "History" });
  await ledger.getByLabel("Amount (g)").fill("60");
  await ledger.getByLabel("Paid (£)").fill("18.00");
  await ledger.getByLabel("Batch").fill("N 77");
  await ledger.getByRole("button", { name: "Write it down" }).click();
  const prices = page.getByRole("region", { name: "Prices" });
  await expect(prices.getByRole("row", { name: /60 g.*18\.00.*0\.30.*N 77/ })).toBeVisible();
  await expect(prices).toContainText(/Cheaper by 22 % since/);
  // What is used has no price.
  await ledger.getByLabel("What happened").selectOption("used");
  await expect(ledger.getByLabel("Batch")).toHaveCount(0);
  await ledger.getByLabel("Amount (g)").fill("2");
  await ledger.getByRole("button", { name: "Write it down" }).click();
  await expect(ledger.getByRole("heading")).toContainText("80 g left");

  // A card, half white and half black, with the paint across it: 0.13 of the light over black, 0.2 over white: 0.65. At its left the
  // thick stroke, 0.18 of the light, and the one in white.
  const grey = (y: number) => Math.round(255 * (1.055 * y ** (1 / 2.4) - 0.055));
  const band = (y: number, width = 300) => ({
    input: {
      create: {
        width,
        height: 200,
        channels: 3 as const,
        background: { r: grey(y), g: grey(y), b: grey(y) },
      },
    },
  });
  const card = await sharp({
    create: { width: 600, height: 400, channels: 3, background: "#808080" },
  })
    .composite([
      { ...band(0.2), left: 0, top: 0 },
      { ...band(0.13), left: 300, top: 0 },
      { ...band(0.8), left: 0, top: 200 },
      { ...band(0.005), left: 300, top: 200 },
      { ...band(0.18, 150), left: 0, top: 0 },
      { ...band(0.5, 150), left: 0, top: 200 },
    ])
    .png()
    .toBuffer();
  await page.getByText("Swatch it on one card: three strokes and a photograph").click();
  await page
    .getByLabel("Photograph of the card")
    .setInputFiles({ name: "card.png", mimeType: "image/png", buffer: card });
  await expect(page.getByText(/Contrast ratio 0\.6[456]\./)).toBeVisible();
  // Moved by keys onto the wrong half it is refused in words.
  const patch = page.getByRole("button", { name: /^paint over white/ });
  await patch.focus();
  for (let i = 0; i < 9; i++) await page.keyboard.press("Shift+ArrowDown");
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText(/Contrast ratio 0\.6[456]\./)).toHaveCount(0);
  for (let i = 0; i < 9; i++) await page.keyboard.press("Shift+ArrowUp");
  await expect(page.getByRole("status").filter({ hasText: "Contrast ratio" })).toContainText(
    /Colour\s*#7[56]7[56]7[56]/,
  );
  await page.getByRole("checkbox", { name: "Thick stroke" }).uncheck();
  await expect(page.getByRole("button", { name: "Use this opacity" })).toBeVisible();
  await expect(page.getByRole("button", { name: /^1 in 10 of white/ })).toHaveCount(0);
  await page.getByRole("checkbox", { name: "Thick stroke" }).check();
  await page.getByRole("button", { name: "Use what the card says" }).click();
  await expect(page.getByLabel("Colour", { exact: true })).toHaveValue(/^#7[56]7[56]7[56]$/);
  await expect(page.getByLabel("1 part in 10 of white", { exact: true })).not.toHaveValue("");
  await expect(page.getByLabel("Opacity of one coat, 0 to 1")).toHaveValue(/^0\.6[456]$/);
  await page.getByRole("combobox", { name: "The meter is held on" }).selectOption("wetColour");
  await page.getByRole("button", { name: "Read the white tile" }).click();
  await page.getByRole("button", { name: "Read the wet swatch" }).click();
  await expect(page.getByLabel("Colour still wet", { exact: true })).not.toHaveValue("");
  await page.getByRole("button", { name: "Save the product" }).click();
  await expect(page.getByText("Slate grey is saved")).toBeVisible();
  await studio.close();
});

test("reconciled at the record: what was weighed corrects the ledger by a line, and the list of it is shared without a name", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/record`, {
    waitUntil: "networkidle",
  });
  const used = page.getByRole("region", { name: "What it used" });
  await expect(used).toContainText("Nothing is deducted yet.");
  await used.getByRole("button", { name: "Deduct from stock" }).click();
  await expect(used).toContainText("Deducted from stock.");
  await used.getByLabel("Grams of Chalk white").fill("4,2");
  await used.getByRole("button", { name: "Correct the stock" }).click();
  await expect(used.getByRole("listitem").filter({ hasText: "Chalk white" })).toContainText(
    "4.2 g",
  );
  await used.getByLabel("Grams of Chalk white").fill("lots");
  await used.getByRole("button", { name: "Correct the stock" }).click();
  await expect(used.getByRole("alert")).toBeVisible();
  const list = await (await page.request.get(`${studio.url}/api/jobs/frost-reservoir/used`)).text();
  expect(list).toMatch(
    /First Frost: what I used[^]*- Chalk white, Millrace Colour: glycerine water colour, 4\.2 g, for Frost base/,
  );
  expect(list).not.toContain("Nomi");
  await page.goto(`${studio.url}/shelf/chalk-white`, { waitUntil: "networkidle" });
  const lines = page
    .getByRole("region", { name: "History" })
    .getByRole("row", { name: /First Frost/ });
  await expect(lines).toHaveCount(2);
  await expect(lines.last()).toContainText("corrected: First Frost");
  await page.goto(`${studio.url}/shelf/costs`, { waitUntil: "networkidle" });
  await expect(page.getByRole("region", { name: "By look" })).toContainText("First Frost");
  await studio.close();
});

test("twenty thousand rows tell how far they are, are stopped without a trace, and the whole studio goes out and in", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf/exchange`, { waitUntil: "networkidle" });
  const table = Buffer.from(
    `name,kind,colour,size g,left g\n${Array.from({ length: 20_000 }, (_, i) => `Lot ${i},waterGlycerine,#${((i * 797) % 0xffffff).toString(16).padStart(6, "0")},30,12\n`).join("")}`,
  );
  const kit = page.getByRole("region", { name: "The kit as a table" });
  await kit
    .getByLabel("Bring in a kit table (CSV)")
    .setInputFiles({ name: "lots.csv", mimeType: "text/csv", buffer: table });
  await expect(kit.getByRole("progressbar")).toBeVisible();
  await expect(kit.getByRole("status")).toContainText("20000 new", { timeout: 60_000 });
  await kit.getByRole("button", { name: "Bring in 20000" }).click();
  await expect(kit.getByText(/of 20000 brought in/)).toBeVisible();
  await kit.getByRole("button", { name: "Stop" }).click();
  await expect(kit.getByRole("alert")).toContainText("Stopped. Nothing was changed.");
  await page.goto(`${studio.url}/shelf`, { waitUntil: "networkidle" });
  await expect(page.getByText("67 of 67 products")).toBeVisible();

  const zip = Buffer.from(
    await (await page.request.get(`${studio.url}/api/exchange/studio`)).body(),
  );
  const other = await openStudio({ demo: false });
  await page.goto(`${other.url}/shelf/exchange`, { waitUntil: "networkidle" });
  const whole = page.getByRole("region", { name: "The studio in open formats" });
  await whole
    .getByLabel("Bring in a studio (.zip)")
    .setInputFiles({ name: "studio.zip", mimeType: "application/zip", buffer: zip });
  await expect(whole.getByRole("row", { name: /^products/ })).toContainText("6700");
  await whole.getByRole("button", { name: /^Bring in \d+/ }).click();
  await expect(page.getByText(/\d+ rows brought in/)).toBeVisible();
  await whole
    .getByLabel("Bring in a studio (.zip)")
    .setInputFiles({ name: "studio.zip", mimeType: "application/zip", buffer: zip });
  await expect(whole.getByRole("button", { name: "Bring in 0" })).toBeDisabled();
  await page.goto(`${other.url}/looks`, { waitUntil: "networkidle" });
  const picture = page.getByRole("img", { name: /First Frost, predicted on Nomi Tarrow/ });
  await expect(picture).toBeVisible();
  await expect
    .poll(() => picture.evaluate((image) => (image as HTMLImageElement).naturalWidth))
    .toBe(318);
  await other.close();
  await studio.close();
});
