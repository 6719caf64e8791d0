import type { Page } from "@playwright/test";
import sharp from "sharp";
import type { LandmarkName } from "../../src/core/anatomy";
import { figureOf } from "../../src/core/look";
import { STAND_IN } from "../../src/core/people";
import { demoPeople } from "../../src/demo";
import { expect, openStudio, test } from "./studio";

const MAP = "/looks/drought/drought-quarry/map";
const [WIDE, HIGH] = [600, 700];
const SKIN = { r: 128, g: 84, b: 60 };

/** A plain face of one colour on a grey wall, as a picture: what is painted on it is known exactly. */
const picture = () =>
  sharp({ create: { width: WIDE, height: HIGH, channels: 3, background: SKIN } })
    .png()
    .toBuffer();

const settled = (page: Page) => page.locator("canvas[data-settled=true]");
/** The colour at a place of the painted photograph, shares of it. */
const colourAt = (page: Page, x: number, y: number) =>
  settled(page).evaluate(
    (canvas: HTMLCanvasElement, at) =>
      Array.from(
        canvas
          .getContext("2d")
          ?.getImageData(Math.round(canvas.width * at.x), Math.round(canvas.height * at.y), 1, 1)
          .data ?? [],
      ).slice(0, 3),
    { x, y },
  );

test("a photograph is painted with the design by keyboard, kept in this browser alone, and gone when it is deleted", async ({
  page,
  demo,
}) => {
  const sent: string[] = [];
  page.on("request", (request) => {
    if (request.method() !== "GET") sent.push(request.url());
  });
  await page.goto(demo.url + MAP);
  await page.getByRole("button", { name: "On a photograph" }).press("Enter");
  const file = page.getByLabel("Choose a photograph");
  await file.setInputFiles({ name: "a.txt", mimeType: "text/plain", buffer: Buffer.from("no") });
  await expect(
    page.getByRole("alert").filter({ hasText: "no picture that can be shown" }),
  ).toBeVisible();
  const small = await sharp({
    create: { width: 90, height: 90, channels: 3, background: SKIN },
  })
    .png()
    .toBuffer();
  await file.setInputFiles({ name: "s.png", mimeType: "image/png", buffer: small });
  await expect(page.getByRole("alert").filter({ hasText: "too small" })).toBeVisible();
  await file.setInputFiles({ name: "f.png", mimeType: "image/png", buffer: await picture() });
  await page.getByRole("button", { name: "Put the points by hand" }).press("Enter");

  // On one line the three points make no face; apart they do.
  const board = page.getByRole("group", { name: "Photograph with the points of the face" });
  const chin = board.getByRole("button", { name: /^lower edge of the chin/ });
  await chin.focus();
  for (let i = 0; i < 23; i++) await chin.press("Shift+ArrowUp");
  await page.getByRole("button", { name: "The face is there" }).press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "outer eye corners" })).toBeVisible();
  for (let i = 0; i < 23; i++) await chin.press("Shift+ArrowDown");
  await page.getByRole("button", { name: "The face is there" }).press("Enter");

  const photograph = page.getByRole("img", { name: /^Drought on a photograph of Bram Oskell/ });
  await expect(photograph).toBeVisible();
  await expect(settled(page)).toBeVisible();
  // The forehead is ochre: redder and more yellow than skin; the wall beside the face stays what it was.
  const forehead = await colourAt(page, 0.5, 0.34);
  expect(forehead[0]).toBeGreaterThan(SKIN.r + 25);
  expect((forehead[1] ?? 0) - (forehead[2] ?? 0)).toBeGreaterThan(40);
  const wall = await colourAt(page, 0.02, 0.02);
  [SKIN.r, SKIN.g, SKIN.b].forEach((code, k) =>
    expect(Math.abs((wall[k] ?? 0) - code)).toBeLessThan(3),
  );
  await page.getByRole("button", { name: "Without paint" }).press("Enter");
  await expect(page.getByRole("img", { name: /without paint$/ })).toBeVisible();
  await expect
    .poll(async () => Math.abs(((await colourAt(page, 0.5, 0.34))[0] ?? 0) - SKIN.r))
    .toBeLessThan(3);
  await page.getByRole("button", { name: "Without paint" }).press("Enter");

  // Bram's skin on his card is lighter or darker than this light shows it: by it the picture is balanced.
  const before = await colourAt(page, 0.02, 0.02);
  await page
    .getByRole("region", { name: "Figure" })
    .getByLabel("Colours")
    .selectOption("by their skin on the card");
  await expect
    .poll(async () => JSON.stringify(await colourAt(page, 0.02, 0.02)))
    .not.toBe(JSON.stringify(before));

  // A point is moved by a key; the picture and its points are there again after the page was left.
  await page.getByRole("button", { name: "Move the points" }).press("Enter");
  const mouth = board.getByRole("button", { name: /^left mouth corner/ });
  const at = await mouth.getAttribute("aria-label");
  await mouth.press("Shift+ArrowRight");
  const moved = await mouth.getAttribute("aria-label");
  expect(moved).not.toBe(at);
  await page.reload();
  await page.getByRole("button", { name: "On a photograph" }).press("Enter");
  await page.getByRole("button", { name: "Move the points" }).press("Enter");
  await expect(mouth).toHaveAttribute("aria-label", moved ?? "");
  await page.getByRole("button", { name: "Back to the paint" }).press("Enter");

  // At the chair each step is seen on it, as far as it is painted; what is sent from there is the log.
  await page.goto(`${demo.url}/chair/drought/drought-quarry`);
  await page.getByRole("button", { name: "Begin", exact: true }).press("Enter");
  await page.getByRole("button", { name: "On the photograph" }).press("Enter");
  await expect(
    page.getByRole("img", { name: /after this step, on their photograph$/ }),
  ).toBeVisible();
  await expect(settled(page)).toBeVisible();
  await page.goto(demo.url + MAP);
  await page.getByRole("button", { name: "On a photograph" }).press("Enter");

  await page.getByRole("button", { name: "Delete the photograph" }).press("Enter");
  await expect(page.getByText("never sent")).toBeVisible();
  await page.reload();
  await page.getByRole("button", { name: "On a photograph" }).press("Enter");
  await expect(page.getByText("Choose a photograph")).toBeVisible();
  expect(sent.filter((url) => !/\/api\/(looks|chair)/.test(url))).toEqual([]);
});

/** The bare drawn person, as the Map draws them, and where millimetres of their chart lie on it. */
async function drawnPerson(page: Page) {
  await page.getByRole("slider", { name: "Build" }).fill("0");
  await page.getByRole("button", { name: "Midline" }).click();
  // A layer of shapes has no areas that would be outlined; what is dragged lies in a picture of its own.
  await page.getByRole("region", { name: "Layers" }).getByText("Cracks", { exact: true }).click();
  await page.addStyleTag({
    content: "section[aria-label=Figure] .will-change-transform { display: none }",
  });
  const figure = page.locator("section[aria-label=Figure] svg[role=img]").first();
  await page.waitForTimeout(800);
  const buffer = await figure.screenshot();
  const at = await figure.evaluate((svg) => {
    const { a, e, f } = (svg as SVGSVGElement).getScreenCTM() ?? new DOMMatrix();
    const { left, top } = svg.getBoundingClientRect();
    return { perMm: a, x: e - left, y: f - top };
  });
  return { file: { name: "drawn.png", mimeType: "image/png", buffer }, at };
}

test("a face is found by the model, within 4 mm; painted, three faults planted, found, mended, and put into the record; nothing leaves the machine", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  const strange: string[] = [];
  page.on("request", (request) => {
    if (![studio.url, "data:", "blob:"].some((ours) => request.url().startsWith(ours)))
      strange.push(request.url());
  });
  const fetched: string[] = [];
  page.on("request", (request) => {
    if (request.url().includes("/finder/")) fetched.push(request.url());
  });
  await page.goto(studio.url + MAP, { waitUntil: "networkidle" });
  const { file, at } = await drawnPerson(page);
  // Nothing of the finder is loaded before somebody opens a photograph.
  expect(fetched).toEqual([]);
  await page.getByRole("slider", { name: "Build" }).fill("10");
  await page.getByRole("button", { name: "On a photograph" }).click();
  await page.getByLabel("Choose a photograph").setInputFiles(file);
  await expect(page.getByRole("status").filter({ hasText: /face/ })).toBeVisible();
  await expect(settled(page)).toBeVisible({ timeout: 120_000 });
  expect(fetched.length).toBeGreaterThan(3);
  await page.getByRole("button", { name: "Move the points" }).press("Enter");
  const found = await page.locator("[data-landmark]").evaluateAll((handles) =>
    handles.map((handle) => {
      const circle = handle.querySelector("circle");
      return {
        name: handle.getAttribute("data-landmark") ?? "",
        x: Number(circle?.getAttribute("cx")),
        y: Number(circle?.getAttribute("cy")),
      };
    }),
  );
  const bram = demoPeople(() => "2026-12-01").find(({ id }) => id === "bram-oskell");
  const { landmarks } = figureOf({ ...STAND_IN, ...bram?.fields });
  const off = found
    .map(({ name, x, y }) => {
      const known = landmarks[name as LandmarkName];
      return Math.hypot((x - at.x) / at.perMm - known.x, (at.y - y) / at.perMm - known.y);
    })
    .sort((a, b) => a - b);
  console.log(`landmarks off: ${off.map((mm) => mm.toFixed(1)).join(" ")} mm`);
  expect(off[off.length >> 1]).toBeLessThan(4);
  await page.getByRole("button", { name: "Back to the paint" }).press("Enter");
  await expect(settled(page)).toBeVisible();

  /** The painted picture as a file: as planned, or with bare skin, another colour, and a shape that is gone. */
  const paintedPicture = (isFlawed: boolean) =>
    settled(page).evaluate(
      (canvas: HTMLCanvasElement, { flawed, place }) => {
        const copy = document.createElement("canvas");
        copy.width = canvas.width;
        copy.height = canvas.height;
        const context = copy.getContext("2d");
        if (!context) throw new Error("no canvas");
        context.drawImage(canvas, 0, 0);
        const box = (x: number, y: number, mm: number, colour: string) => {
          context.fillStyle = colour;
          const [w, px, py] = [
            mm * place.perMm,
            place.x + x * place.perMm,
            place.y - y * place.perMm,
          ];
          context.fillRect(px - w / 2, py - w / 2, w, w);
        };
        if (flawed) {
          box(-8, 44, 22, "rgb(147 96 63)");
          box(0, -104, 34, "rgb(90 120 170)");
          box(46, -52, 26, "rgb(147 96 63)");
        }
        return copy.toDataURL("image/png").split(",")[1] ?? "";
      },
      { flawed: isFlawed, place: at },
    );
  const [asPlanned = "", flawed = ""] = await Promise.all([false, true].map(paintedPicture));
  const check = async (data: string) => {
    await page.getByLabel("Choose a photograph of it painted").setInputFiles({
      name: "painted.png",
      mimeType: "image/png",
      buffer: Buffer.from(data, "base64"),
    });
    await expect(
      page.getByRole("region", { name: "What the photograph shows" }).getByRole("checkbox"),
    ).toBeVisible({ timeout: 120_000 });
    await expect(page.getByText("Measuring the photograph")).toHaveCount(0);
  };
  const shown = page.getByRole("region", { name: "What the photograph shows" });
  await page.getByRole("button", { name: "Check it painted" }).press("Enter");
  await check(flawed);
  console.log((await shown.getByRole("listitem").allInnerTexts()).join("\n"));
  await expect(shown).toContainText(/skin on[^.]*forehead/);
  await expect(shown).toContainText(/Another colour than planned on[^.]*chin/);
  await expect(shown).toContainText(/skin on[^.]*left/);
  await expect(shown.getByRole("listitem")).toHaveCount(4);

  // Mended, and looked at again.
  await page.getByRole("button", { name: "Another photograph" }).press("Enter");
  await check(asPlanned);
  console.log((await shown.getByRole("listitem").allInnerTexts()).join("\n"));
  await expect(shown).toContainText("As planned");
  await expect(shown.getByRole("listitem")).toHaveCount(0);

  // At the chair, between two layers, without the network: the finder is kept once it was used there.
  await page.goto(`${studio.url}/chair/drought/drought-quarry`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Begin", exact: true }).press("Enter");
  await expect(page.getByTestId("log")).toContainText("works offline", { timeout: 60_000 });
  await page.getByRole("button", { name: "Check it now" }).press("Enter");
  for (const isOffline of [false, true]) {
    await page.context().setOffline(isOffline);
    await page.getByRole("button", { name: "Another photograph" }).press("Enter");
    await check(asPlanned);
    await expect(shown).not.toContainText("could not");
  }
  await page.getByRole("button", { name: "Back to the step" }).press("Enter");
  await page.context().setOffline(false);

  // The same photograph fills in a record, once it is asked to.
  await page.goto(`${studio.url}/looks/drought/drought-quarry/record`, {
    waitUntil: "networkidle",
  });
  const record = page.getByRole("region", { name: "New record" });
  await record.getByRole("button", { name: "Fill in from a photograph" }).press("Enter");
  await record.getByRole("button", { name: "Use in the record" }).press("Enter");
  await expect(record.getByText(/^By the photograph: \d+ % of the paint is there/)).toBeVisible();
  await expect(record.getByLabel("Still intact: forehead")).not.toHaveValue("");
  await record.getByRole("button", { name: "Save record" }).press("Enter");
  await expect(page.getByText("Record saved")).toBeVisible();
  await expect(page.getByText(/^By photograph:/).first()).toBeVisible();
  expect(strange).toEqual([]);

  // With the person everything goes.
  await page.goto(`${studio.url}/people/bram-oskell`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Delete Bram Oskell for good" }).press("Enter");
  const dialog = page.getByRole("dialog", { name: /^Delete Bram Oskell/ });
  await dialog.getByLabel(/^Type/).fill("Bram Oskell");
  await dialog
    .getByRole("button", { name: /^Delete/ })
    .last()
    .press("Enter");
  await expect(page).toHaveURL(/\/people$/);
  const left = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const asked = indexedDB.open("dermagraph-photographs");
        asked.onsuccess = () => {
          const counted = asked.result.transaction("faces").objectStore("faces").count();
          counted.onsuccess = () => resolve(counted.result);
        };
      }),
  );
  expect(left).toBe(0);
  await studio.close();
});

test("a painted face, white with dark ferns, is found too, and is a reference: its colours by area, its likeness", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/map`, {
    waitUntil: "networkidle",
  });
  await page.addStyleTag({
    content: "section[aria-label=Figure] .will-change-transform { display: none }",
  });
  await page.getByRole("button", { name: "Midline" }).click();
  // Without shade, as a flat drawing is: what is shaded is so much less like.
  await page.getByLabel("Lamp at").selectOption("flat, no shade");
  await page.waitForTimeout(800);
  const buffer = await page
    .locator("section[aria-label=Figure] svg[role=img]")
    .first()
    .screenshot();
  const file = { name: "frost.png", mimeType: "image/png", buffer };

  await page.goto(`${studio.url}/looks/sundog/sundog-hillside/brief`, {
    waitUntil: "networkidle",
  });
  const reference = page.getByRole("region", { name: "Reference picture" });
  await reference.getByLabel("Choose a picture").setInputFiles(file);
  const face = page.getByRole("region", { name: "The face on it" });
  await face.getByRole("button", { name: "Find the face" }).press("Enter");
  // As it is nobody is found on it; without its strokes somebody is.
  await expect(face.getByText(/^Looking again/)).toBeVisible({ timeout: 60_000 });
  const like = face.getByText(/the picture: a colour difference of/);
  await expect(like).toBeVisible({ timeout: 60_000 });
  const before = await like.innerText();
  console.log(before);
  await face.getByRole("button", { name: "Use these colours for the layers" }).press("Enter");
  await expect(page.getByText("The layers now aim for these colours")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).first().press("Enter");

  // The design the picture was drawn from is more like it than another one.
  const difference = (words: string) => Number(/difference of ([\d.]+)/.exec(words)?.[1]);
  await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/brief`, {
    waitUntil: "networkidle",
  });
  await reference.getByLabel("Choose a picture").setInputFiles(file);
  await face.getByRole("button", { name: "Find the face" }).press("Enter");
  await expect(like).toBeVisible({ timeout: 60_000 });
  console.log(await like.innerText());
  expect(difference(await like.innerText())).toBeLessThan(difference(before) / 2);
  await studio.close();
});

test("of a child nobody is shown a picture before a parent agreed to it", async ({ page }) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/people/wren-hallam`);
  const consent = page.getByRole("checkbox", { name: /Parent or guardian/ });
  await expect(consent).toBeChecked();
  await consent.uncheck();
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("Wren Hallam is saved").first()).toBeVisible();
  await page.goto(`${studio.url}/looks/gate-leaf/leaf-booth/map`);
  await page.getByRole("button", { name: "On a photograph" }).click();
  await expect(page.getByText("has to agree to a picture first")).toBeVisible();
  await expect(page.getByText("Choose a photograph")).toHaveCount(0);
  await studio.close();
});
