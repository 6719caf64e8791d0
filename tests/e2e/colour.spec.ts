import sharp from "sharp";
import { expect, test } from "./studio";

/** A made-up drawing: pale sky, ochre ground, dark earth, a gold sun and a small red mark. */
async function drawing(): Promise<Buffer> {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="320" height="240"><rect width="320" height="240" fill="#ced6d6"/><rect y="120" width="320" height="60" fill="#96684a"/><rect y="175" width="320" height="65" fill="#5c402c"/><circle cx="160" cy="70" r="30" fill="#e8b234"/><rect x="60" y="136" width="18" height="14" fill="#b22030"/></svg>`;
  return sharp(Buffer.from(svg))
    .png()
    .withExif({ IFD0: { Artist: "nobody" } })
    .toBuffer();
}

test("from a picture of a drawing: its colours, matched to the shelf, given to a layer, cropped and credited", async ({
  page,
  demo,
  request,
}) => {
  await page.goto(`${demo.url}/looks/sundog/sundog-hillside/brief`, { waitUntil: "networkidle" });
  const section = page.getByRole("region", { name: "Reference picture" });
  await section.getByLabel("Choose a picture").setInputFiles({
    name: "broken.png",
    mimeType: "image/png",
    buffer: Buffer.from("not a picture at all"),
  });
  await expect(section.getByRole("alert")).toContainText("can't be read as a picture");
  await section
    .getByLabel("Choose a picture")
    .setInputFiles({ name: "drawing.png", mimeType: "image/png", buffer: await drawing() });
  const colours = section.getByRole("list", { name: "Colours of the picture" });
  await expect(colours.getByRole("listitem")).toHaveCount(5);
  await expect(colours.getByText(/accent|under 1 %/)).toHaveCount(1);
  for (const item of await colours.getByRole("listitem").all())
    await expect(item).toContainText(/colour difference \d+\.\d|the same colour/, {
      timeout: 30_000,
    });
  await expect(colours).not.toContainText("looking", { timeout: 30_000 });

  const src = await section.locator("img").first().getAttribute("src");
  const kept = await request.get(demo.url + (src ?? ""));
  expect(kept.headers()["content-type"]).toBe("image/jpeg");
  expect((await sharp(await kept.body()).metadata()).exif).toBeUndefined();

  await section.getByLabel("Credit").fill("the company's own drawing");
  await section.getByLabel("Credit").blur();
  await expect(section.getByText("Credit the artist")).toHaveCount(0);
  // The crop by keyboard: the top left handle, moved in.
  await section
    .getByLabel("Use the arrow keys to move the top left drag handle")
    .or(section.getByLabel("top left", { exact: true }))
    .first()
    .focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press("Shift+ArrowDown");
  await expect
    .poll(async () => (await colours.getByRole("listitem").allInnerTexts()).join(" "))
    .not.toContain("#ced6d6 47");

  await page.waitForLoadState("networkidle");
  await expect(colours).not.toContainText("looking", { timeout: 30_000 });
  const gold = colours
    .getByRole("listitem")
    .filter({ hasText: /#[de][0-9a-f][ab][0-9a-f][34]/ })
    .first();
  await gold.getByRole("combobox").selectOption({ label: "Gold ring" });
  await expect(page.getByText(/is what Gold ring is meant to be/)).toBeVisible();
  await page
    .getByRole("navigation", { name: "Chapters" })
    .getByRole("link", { name: /Colour/ })
    .click();
  const row = page
    .getByRole("table", { name: "Colours with their best matches" })
    .getByRole("row", { name: /Gold ring/ });
  await expect(row).toContainText(/yellow|gold|orange/);
  const offer = row.getByRole("cell").nth(5);
  await expect(offer).toContainText(/colour difference \d|the same colour/, { timeout: 30_000 });
  await offer.getByRole("button", { name: "Use" }).click();
  await expect(offer).toContainText("in use");
  await expect(row.getByRole("cell").nth(1)).toContainText(/part/);
});

test("a lost edge of the Sundog at 40 m is listed, marked on the map, and parted by one click", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/sundog/sundog-hillside/map`, { waitUntil: "networkidle" });
  const figure = page.getByRole("region", { name: "Figure" });
  await figure.getByRole("button", { name: "To 40 m" }).click();
  const lost = figure.getByRole("list", { name: "Lost from 40 m" });
  await expect(lost).toContainText("Mock suns against Pale haze");
  await expect(figure.locator("canvas")).toHaveAttribute("data-settled", "true");
  // What is seen from there differs from the mirror: the canvas holds a blurred face.
  const spread = () =>
    figure.locator("canvas").evaluate((canvas: HTMLCanvasElement) => {
      const d = canvas.getContext("2d")?.getImageData(0, 0, canvas.width, canvas.height).data ?? [];
      let sum = 0;
      for (let i = 4; i < d.length; i += 4) sum += Math.abs((d[i] ?? 0) - (d[i - 4] ?? 0));
      return sum / (d.length / 4);
    });
  const far = await spread();
  await figure.getByRole("slider", { name: "From" }).fill("20");
  await expect(figure.locator("canvas")).toHaveAttribute("data-settled", "true");
  expect(await spread()).toBeGreaterThan(far * 1.5);
  await expect(figure.getByText(/Lost from/)).toHaveCount(0);
  await figure.getByRole("slider", { name: "From" }).fill("150");
  await figure.getByLabel("Light").selectOption({ label: "red gel" });
  await expect(figure.getByRole("list", { name: /red gel/ })).toContainText("against");
  await figure.getByRole("button", { name: "Side by side" }).click();
  await expect(figure.getByText("mirror, daylight")).toBeVisible();

  await page
    .getByRole("navigation", { name: "Chapters" })
    .getByRole("link", { name: /Colour/ })
    .click();
  const matrix = page.getByRole("region", { name: "Tone separation" });
  const merging = matrix.getByRole("list", { name: "Merging" });
  const suns = merging.getByRole("listitem").filter({ hasText: "Mock suns" });
  await suns.getByRole("button", { name: /Add a darker line/ }).click();
  await expect(suns).toHaveCount(0);
  await expect(page.getByRole("row", { name: /Darker line, Mock suns/ }).first()).toBeVisible();
  await page.locator("body").press("ControlOrMeta+z");
  await expect(suns).toHaveCount(1);
  await matrix.getByLabel("Seat").selectOption("0.6");
  await expect(suns).toHaveCount(0);
});

test("the bench finds recipes while the page answers, can be stopped, and keeps a mix that a look then uses in grams", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/mixing`, { waitUntil: "networkidle" });
  await page.getByLabel("Colour wanted", { exact: true }).fill("#7d6a8c");
  await page.getByLabel("At most").selectOption("4");
  // Frames go on while the worker searches: counted only while the page says that it is searching.
  await page.evaluate(() => {
    const held = globalThis as unknown as { frames: number };
    held.frames = 0;
    const tick = () => {
      if (document.body.innerText.includes("of all mixes seen")) held.frames++;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await page.getByRole("button", { name: "Find recipes" }).click();
  await page.getByLabel("Over", { exact: true }).selectOption({ label: "white card" });
  await expect(page.getByText(/All mixes of \d+ paints seen/)).toBeVisible({ timeout: 120_000 });
  expect(
    await page.evaluate(() => (globalThis as unknown as { frames: number }).frames),
  ).toBeGreaterThan(3);
  const recipes = page.getByRole("list", { name: "Recipes, nearest first" });
  await expect(recipes.getByRole("listitem")).toHaveCount(6);
  const found =
    (await recipes.innerText()).match(/colour difference (\d+\.\d)|the same colour/g) ?? [];
  expect(found).toHaveLength(6);

  // A colour out of reach of every paint is searched for long enough to be stopped, on any machine.
  await page.getByLabel("Colour wanted", { exact: true }).fill("#00ff66");
  await page.getByRole("button", { name: "Find recipes" }).click();
  // As soon as it is there: the list under it moves as recipes come in, and a mouse would wait for it to rest.
  await page.getByRole("button", { name: "Stop", exact: true }).dispatchEvent("click");
  await expect(page.getByText("Stopped: the best so far")).toBeVisible();

  // Parts by hand, on the skins of the demo: deep skin takes more coats than a pale one.
  await page.getByLabel("Add a paint").selectOption({ label: "Chalk white" });
  await page.getByLabel("Add a paint").selectOption({ label: "Ice blue" });
  await page.getByLabel("Parts of Chalk white, typed").fill("3");
  const coats = async (skin: RegExp) => {
    await page.getByLabel("Over", { exact: true }).selectOption({
      label:
        (await page.getByLabel("Over", { exact: true }).locator("option").allInnerTexts()).find(
          (text) => skin.test(text),
        ) ?? "",
    });
    const text = await page
      .getByText(/coats? covers?/)
      .first()
      .innerText();
    return Number(text.match(/\d/)?.[0]);
  };
  const [pale, deep] = [await coats(/Wren Hallam/), await coats(/Nomi Tarrow/)];
  expect(deep).toBeGreaterThanOrEqual(pale);
  await page.getByLabel("Film").selectOption("wet");
  await page.getByRole("button", { name: "Save as a mix" }).click();
  await page.getByLabel("Name of the mix").fill("Rime ground");
  await page.getByRole("dialog").getByRole("button", { name: "Save", exact: true }).click();
  await expect(
    page.getByRole("region", { name: "Saved mixes" }).getByRole("link", { name: "Rime ground" }),
  ).toBeVisible();

  await page
    .getByRole("region", { name: "Saved mixes" })
    .getByRole("link", { name: "Rime ground" })
    .click();
  await expect(page.getByRole("heading", { name: "Rime ground" })).toBeVisible();
  await page.getByLabel("Batch").fill("20");
  await expect(page.getByRole("row", { name: /Chalk white/ })).toContainText("15 g");
  expect((await page.pdf()).subarray(0, 4).toString()).toBe("%PDF");

  await page.goto(`${demo.url}/looks/thunderhead/anyone/map`, { waitUntil: "networkidle" });
  await page
    .getByRole("region", { name: "Layers" })
    .locator("[data-layer]", { hasText: /Undersides/ })
    .click();
  await page.getByLabel("Paint", { exact: true }).selectOption({ label: "Rime ground" });
  await expect(page.getByText("Rime ground, in parts")).toBeVisible();
  await page
    .getByRole("navigation", { name: "Chapters" })
    .getByRole("link", { name: /Plan/ })
    .click();
  await expect(page.getByRole("row", { name: /Undersides/ })).toContainText(
    /3 parts Chalk white : 1 Ice blue/,
  );
  await expect(
    page
      .getByRole("table", { name: "Paint needed against stock" })
      .getByRole("row", { name: /Ice blue/ }),
  ).toBeVisible();
});

test("coats change with the person's skin, from ITA class 1 to 6, read by the meter in three places", async ({
  page,
  demo,
}) => {
  const coatsOf = async () => {
    await page.goto(`${demo.url}/looks/sundog/sundog-hillside/map`, { waitUntil: "networkidle" });
    const text = await page
      .getByRole("region", { name: "Layers" })
      .locator("[data-layer]", { hasText: /Pale haze/ })
      .innerText();
    return Number(text.match(/(\d) coats?/)?.[1]);
  };
  const skinTo = async (hex: string, words: RegExp) => {
    await page.goto(`${demo.url}/people/ilse-marrow`, { waitUntil: "networkidle" });
    // What is typed while the page still starts may be joined to what was there.
    const skin = page.getByLabel("Skin colour", { exact: true });
    await expect(async () => {
      await skin.fill(hex);
      await expect(skin).toHaveValue(hex, { timeout: 500 });
    }).toPass();
    await page
      .getByRole("group", { name: "Colour meter" })
      .getByRole("button", { name: "Read the white tile" })
      .click();
    await expect(page.getByText("White tile read: ready.")).toBeVisible();
    await page
      .getByRole("group", { name: "Colour meter" })
      .getByRole("button", { name: "Read three places" })
      .click();
    await expect(
      page.getByText(/Mean of 3 places: #[0-9a-f]{6}, within a colour difference/),
    ).toBeVisible();
    await expect(page.getByText(words)).toBeVisible();
    await page.getByRole("button", { name: "Save the card" }).click();
    await expect(page.getByText("Ilse Marrow is saved")).toBeVisible();
  };
  await skinTo("#2f1d12", /: dark skin/);
  const dark = await coatsOf();
  await skinTo("#f4e2d0", /: very light skin/);
  const light = await coatsOf();
  expect(dark).toBeGreaterThan(light);
  await skinTo("#e2b899", /: (light|intermediate) skin/);
});

test("a product keeps its wet and let-down swatches, and the brow cover is laid by one click", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/shelf/frost-blue`, { waitUntil: "networkidle" });
  await page.getByLabel("Colour still wet", { exact: true }).fill("#a8cce8");
  await page.getByLabel("1 part in 10 of white", { exact: true }).fill("not a colour");
  await page.getByRole("button", { name: "Save the product" }).click();
  await expect(page.getByText("a colour like #a0c4de")).toBeVisible();
  await page.getByLabel("1 part in 10 of white", { exact: true }).fill("#d6e4f0");
  await page.getByRole("button", { name: "Save the product" }).click();
  await expect(page.getByText("Frost blue is saved")).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("Colour still wet", { exact: true })).toHaveValue("#a8cce8");

  await page.goto(`${demo.url}/looks/thunderhead/anyone/colour`, { waitUntil: "networkidle" });
  await expect(page.getByRole("region", { name: "Brows" })).toBeVisible();
  await expect(page.getByRole("region", { name: "Brows" })).toContainText(
    /hides it|hide it|nearest|The base alone/,
  );
  await page.goto(`${demo.url}/looks/first-frost/frost-reservoir/colour`, {
    waitUntil: "networkidle",
  });
  const row = page
    .getByRole("table", { name: "Colours with their best matches" })
    .getByRole("row", { name: /Blue hollows/ });
  await expect(row.locator('[title^="wet:"][title$="#a8cce8"]')).toHaveCount(1);
});
