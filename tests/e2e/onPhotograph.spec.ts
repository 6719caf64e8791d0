import type { Page } from "@playwright/test";
import sharp from "sharp";
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

test("a photograph of the painted face is measured against the plan: as planned, and with bare skin planted on it", async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + MAP);
  await page.getByRole("button", { name: "On a photograph" }).click();
  const bare = { name: "bare.png", mimeType: "image/png", buffer: await picture() };
  await page.getByLabel("Choose a photograph").setInputFiles(bare);
  await page.getByRole("button", { name: "The face is there" }).click();
  await expect(settled(page)).toBeVisible();
  /** The painted picture as a file, with a square of bare skin on the forehead or without. */
  const paintedPicture = (isFlawed: boolean) =>
    settled(page).evaluate(
      (canvas: HTMLCanvasElement, { flawed, skin }) => {
        const copy = document.createElement("canvas");
        copy.width = canvas.width;
        copy.height = canvas.height;
        const context = copy.getContext("2d");
        if (!context) throw new Error("no canvas");
        context.drawImage(canvas, 0, 0);
        context.fillStyle = `rgb(${skin.r} ${skin.g} ${skin.b})`;
        if (flawed) context.fillRect(0.53 * copy.width, 0.3 * copy.height, 40, 40);
        return copy.toDataURL("image/png").split(",")[1] ?? "";
      },
      { flawed: isFlawed, skin: SKIN },
    );
  const files = await Promise.all([false, true].map(paintedPicture));
  await page.getByRole("button", { name: "Check it painted" }).click();
  const shown = page.getByRole("region", { name: "What the photograph shows" });
  for (const [i, words] of [
    /As planned/,
    /Bare or thin skin on forehead: about [\d.]+ of/,
  ].entries()) {
    await page.getByLabel("Choose a photograph of it painted").setInputFiles({
      name: "painted.png",
      mimeType: "image/png",
      buffer: Buffer.from(files[i] ?? "", "base64"),
    });
    await page.getByRole("button", { name: "The face is there" }).click();
    await expect(shown).toContainText(words);
    await expect(shown.getByRole("listitem")).toHaveCount(i);
    await page.getByRole("button", { name: "Another photograph" }).click();
  }
  await page.getByRole("button", { name: "Back to the paint" }).click();
  await expect(settled(page)).toBeVisible();
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
