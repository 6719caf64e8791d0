import type { Locator, Page } from "@playwright/test";
import { expect, openStudio, settled, test } from "./studio";

type Box = NonNullable<Awaited<ReturnType<Locator["boundingBox"]>>>;
async function boxOf(locator: Locator): Promise<Box> {
  const box = await locator.boundingBox();
  if (!box) throw new Error("it is not on screen");
  return box;
}

const stackOf = (page: Page) => page.getByRole("region", { name: "Layers" });
const figureOf = (page: Page) => page.getByRole("region", { name: "Figure" });
/** Adds a mark by the keyboard: the list, the first letters of the shape, and the button after it. */
async function addMark(page: Page, shape: string): Promise<void> {
  const list = page.getByLabel("Next shape");
  await list.focus();
  // A list takes letters typed within a second as one word: start a word of its own.
  await page.waitForTimeout(1100);
  await page.keyboard.type(shape);
  await expect(list.locator("option:checked")).toHaveText(new RegExp(`^${shape}`));
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
}
async function press(locator: Locator, page: Page): Promise<void> {
  await locator.focus();
  await page.keyboard.press("Enter");
}
async function addLayer(page: Page, role: RegExp): Promise<void> {
  await page.locator("body").press("a");
  await press(
    page.getByRole("dialog", { name: "Add a layer" }).getByRole("button", { name: role }),
    page,
  );
}

/** Opens a template as PDF by what `open` does with its link, in a window of its own or as a download, and answers its bytes. */
async function takePdf(
  page: Page,
  url: string,
  open: (link: Locator) => Promise<void>,
): Promise<Buffer> {
  const link = page
    .getByRole("dialog", { name: /^Take .* along$/ })
    .getByRole("link", { name: "face chart as PDF" });
  const opened = Promise.race([page.context().waitForEvent("page"), page.waitForEvent("download")]);
  await open(link);
  // That it opens at all is the point; what it holds is read from its address, since a browser without a screen shows no PDF.
  await opened;
  const href = (await link.getAttribute("href")) ?? "";
  return (await page.request.get(url + href)).body();
}

test("keyboard alone: base, brows by three points, a star on the midline, teeth, fur, whiskers three one side and five the other, and the PDF", async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf`, { waitUntil: "networkidle" });
  await press(page.getByRole("button", { name: "Load sample products" }), page);
  await expect(page.getByText("67 of 67 products")).toBeVisible();
  await page.goto(`${empty.url}/looks/new`, { waitUntil: "networkidle" });
  await page.getByLabel("Name of the look").focus();
  await page.keyboard.type("Marsh cat");
  await page.getByLabel("Name", { exact: true }).focus();
  await page.keyboard.type("Orla Fenn");
  await press(page.getByRole("button", { name: "Save the brief and choose paint" }), page);
  await page.waitForURL(/\/paint$/);
  await page.locator("body").press("3");
  await page.waitForURL(/\/map$/);

  await addLayer(page, /^base/i);
  await addLayer(page, /^detail/i);
  await page.getByLabel("Name of the layer").focus();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("Lines");
  const marks = page.getByRole("group", { name: "Shapes" });
  await press(marks.getByRole("button", { name: "Brows by three points" }), page);
  const handle = (name: RegExp) => figureOf(page).getByRole("button", { name });
  await expect(handle(/^brow 1/)).toBeVisible();

  // A star, moved to the midline by arrow keys: 34 mm is six leaps of five and four steps of one.
  await addMark(page, "star");
  await handle(/^star 2/).focus();
  for (let i = 0; i < 6; i++) await page.keyboard.press("Shift+ArrowLeft");
  for (let i = 0; i < 4; i++) await page.keyboard.press("ArrowLeft");
  for (let i = 0; i < 15; i++) await page.keyboard.press("Shift+ArrowUp");
  await expect(figureOf(page).getByRole("status").filter({ hasText: "star" })).toContainText(
    "on the midline, ",
  );
  await page.keyboard.press(".");
  await page.keyboard.press("+");

  await addMark(page, "row of teeth");
  await addMark(page, "fur strokes");
  await addMark(page, "whiskers");
  await handle(/^whiskers 5/).focus();
  await page.keyboard.press("d");
  await handle(/^whiskers 6/).focus();
  for (let i = 0; i < 16; i++) await page.keyboard.press("Shift+ArrowLeft");
  const last = marks.locator("details").last();
  await last.getByLabel("how many").focus();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("5");
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await page.reload({ waitUntil: "networkidle" });
  await press(stackOf(page).locator("[data-layer]", { hasText: /Lines/ }), page);
  const names = await figureOf(page)
    .locator("[data-mark]")
    .evaluateAll((nodes) => nodes.map((node) => node.getAttribute("aria-label")?.split(",")[0]));
  expect(names).toEqual([
    "brow 1",
    "star 2",
    "row of teeth 3",
    "fur strokes 4",
    "whiskers 5",
    "whiskers 6",
  ]);
  await expect(marks.locator("details").nth(4).getByLabel("how many")).toHaveValue("3");
  await expect(marks.locator("details").nth(5).getByLabel("how many")).toHaveValue("5");
  await handle(/^star 2/).focus();
  await page.keyboard.press("Delete");
  await expect(figureOf(page).locator("[data-mark]")).toHaveCount(5);
  await page.locator("body").press("ControlOrMeta+z");
  await expect(figureOf(page).locator("[data-mark]")).toHaveCount(6);

  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  // The teeth start on the mouth, and this paint is not for lips: the stop's own button mends it.
  await press(page.getByRole("button", { name: /^Remove what lies on .*lip/ }), page);
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await press(page.getByRole("button", { name: "Templates" }), page);
  const pdf = await takePdf(page, empty.url, (link) => press(link, page));
  expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
  expect(pdf.length).toBeGreaterThan(8000);
});

test("mouse alone: the same face by clicks and drags, and the PDF", async ({ page }) => {
  const demo = await openStudio({ demo: true });
  await page.goto(`${demo.url}/looks/new`, { waitUntil: "networkidle" });
  // Words are typed on any keyboard, or by the ones on a screen; everything else is the mouse.
  await page.getByLabel("Name of the look").fill("Marsh cat by mouse");
  // Nobody is chosen for the painter.
  await page.getByLabel("Person", { exact: true }).selectOption({ index: 1 });
  await page.getByRole("button", { name: "Save the brief and choose paint" }).click();
  await page.waitForURL(/\/paint$/);
  await page
    .getByRole("navigation", { name: "Chapters" })
    .getByRole("link", { name: /^Map/ })
    .click();
  await page.waitForURL(/\/map$/);
  for (const role of [/^base/i, /^detail/i]) {
    await page.getByRole("button", { name: "Add layer" }).click();
    await page
      .getByRole("dialog", { name: "Add a layer" })
      .getByRole("button", { name: role })
      .click();
  }
  const marks = page.getByRole("group", { name: "Shapes" });
  const handle = (name: RegExp) => figureOf(page).getByRole("button", { name });
  await marks.getByRole("button", { name: "Brows by three points" }).click();
  await expect(handle(/^brow 1/)).toBeVisible();
  const add = async (kind: string) => {
    await marks.getByLabel("Next shape").selectOption(kind);
    await marks.getByRole("button", { name: "Add it" }).click();
  };
  // In millimetres of the face: a strip that comes on above makes the picture smaller.
  const picture = figureOf(page).locator("svg[role=img]").first();
  const scaleOf = (box: Box) => Math.min(box.width / 212, box.height / 270);
  const placeOf = async (name: RegExp) => {
    const [mark, paper] = [await boxOf(handle(name)), await boxOf(picture)];
    const from = (start: "x" | "y", side: "width" | "height") =>
      (mark[start] + mark[side] / 2 - paper[start] - paper[side] / 2) / scaleOf(paper);
    return { x: from("x", "width"), y: from("y", "height") };
  };
  /** Drags a mark by so many millimetres. */
  const dragBy = async (name: RegExp, dx: number, dy: number) => {
    const at = await settled(handle(name));
    const perMm = scaleOf(await boxOf(picture));
    const before = await placeOf(name);
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    for (let i = 1; i <= 6; i++)
      await page.mouse.move(at.x + (dx * perMm * i) / 6, at.y + (dy * perMm * i) / 6);
    await page.mouse.up();
    await expect
      .poll(async () => {
        const { x, y } = await placeOf(name);
        return Math.hypot(x - before.x - dx, y - before.y - dy);
      })
      .toBeLessThan(7);
  };
  await add("star");
  await dragBy(/^star 2/, -34, -80);
  await expect(figureOf(page).getByRole("status").filter({ hasText: "star" })).toContainText(
    "on the midline, ",
  );
  await add("teeth");
  await add("fur");
  await add("whiskers");
  await add("whiskers");
  await dragBy(/^whiskers 6/, -80, 0);
  await marks.locator("details").last().getByLabel("how many").fill("5");
  await expect(marks.locator("details").nth(4).getByLabel("how many")).toHaveValue("3");
  // The teeth start on the mouth, and this paint is not for lips: the stop's own button mends it.
  await page.getByRole("button", { name: /^Remove what lies on .*lip/ }).click();
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
  await page.getByRole("button", { name: "Templates" }).click();
  const pdf = await takePdf(page, demo.url, (link) => link.click());
  expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
  await demo.close();
});

test("mouse: a mark is dragged, snaps to the midline, is turned and sized by its handles, and a line is drawn by hand; each is one undo", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/sundog/sundog-hillside/map`, { waitUntil: "networkidle" });
  await stackOf(page)
    .locator("[data-layer]", { hasText: /Rayed disc/ })
    .click();
  const disc = figureOf(page).getByRole("button", { name: /^rayed disc 1/ });
  const at = await settled(disc);
  const drag = async (from: { x: number; y: number }, to: { x: number; y: number }) => {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    for (let i = 1; i <= 8; i++)
      await page.mouse.move(from.x + ((to.x - from.x) * i) / 8, from.y + ((to.y - from.y) * i) / 8);
    await page.mouse.up();
  };
  await drag(at, { x: at.x + 60, y: at.y + 40 });
  // Drawn where it was let go: a slow machine shows the ghost of the last move a little later.
  await expect.poll(async () => Math.round((await settled(disc)).x - at.x)).toBeGreaterThan(56);
  const words = figureOf(page).getByRole("status").filter({ hasText: "rayed disc" });
  await expect(words).toContainText("to the person's left of the midline");
  const moved = await settled(disc);
  await drag(moved, { x: at.x + 2, y: at.y + 10 });
  await expect(words).toContainText("on the midline");
  const marks = page.getByRole("group", { name: "Shapes" });
  const diameter = () => marks.locator("details").first().getByLabel("diameter, mm").inputValue();
  const before = Number(await diameter());
  const size = await settled(figureOf(page).locator("g.cursor-nesw-resize").first());
  await drag(size, { x: size.x + 30, y: size.y - 30 });
  await expect.poll(async () => Number(await diameter())).toBeGreaterThan(before + 4);
  const turn = await settled(figureOf(page).locator("g.cursor-grab").first());
  await drag(turn, { x: turn.x + 40, y: turn.y + 20 });
  const turned = marks.locator("details").first().getByLabel("turn, °");
  await expect(turned).not.toHaveValue("0");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(turned).toHaveValue("0");

  await marks.getByRole("button", { name: "Draw a line by hand" }).click();
  const box = await figureOf(page).locator("[data-drawing]").boundingBox();
  const start = { x: at.x - 40, y: at.y + 150 };
  expect(box && start.y < box.y + box.height).toBe(true);
  await drag(start, { x: at.x + 60, y: at.y + 190 });
  await expect(figureOf(page).getByRole("button", { name: /^free line 2/ })).toBeVisible();
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();
});

test("versions are kept, compared in words and gone back to; templates and the look itself are files, and come back as another look", async ({
  page,
  request,
}) => {
  // A studio of its own: what other tests note on people may stop this look.
  const demo = await openStudio({ demo: true });
  await page.goto(`${demo.url}/looks/drought/drought-quarry/map`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: /^Versions/ }).click();
  const dialog = page.getByRole("dialog", { name: "Versions of Drought" });
  await dialog.getByLabel("Keep the look as it is now, as").fill("first sketch");
  await dialog.getByRole("button", { name: "Keep it" }).click();
  await expect(dialog.getByText("first sketch")).toBeVisible();
  await dialog.getByRole("button", { name: "Close" }).click();

  await stackOf(page)
    .locator("[data-layer]", { hasText: /Cracks/ })
    .click();
  await figureOf(page)
    .getByRole("button", { name: /^crack 1/ })
    .focus();
  await page.keyboard.press("Shift+ArrowUp");
  await stackOf(page).locator("[data-layer]", { hasText: /Dust/ }).click();
  await page.getByRole("button", { name: "Remove", exact: true }).click();
  await page.getByRole("button", { name: /^Versions/ }).click();
  await dialog.getByRole("button", { name: "Compare" }).click();
  const changed = dialog.getByRole("list", { name: "What changed" });
  await expect(changed).toContainText("Cracks has moved crack 1 by 5 mm");
  await expect(changed).toContainText("Dust is gone");
  await dialog.getByRole("button", { name: "Go back to it" }).click();
  await expect(stackOf(page).locator("[data-layer]", { hasText: /Dust/ })).toBeVisible();
  await page.locator("body").press("ControlOrMeta+z");
  await expect(stackOf(page).locator("[data-layer]", { hasText: /Dust/ })).toHaveCount(0);
  await page.locator("body").press("ControlOrMeta+Shift+z");
  await expect(page.getByText(/^saved \d\d:/)).toBeVisible();

  await page.getByRole("button", { name: "Templates" }).click();
  const templates = page.getByRole("dialog", { name: "Take Drought along" });
  await templates.getByLabel("Paper").selectOption("letter");
  const href = await templates
    .getByRole("link", { name: "stencil as PDF", exact: true })
    .getAttribute("href");
  const pdf = await request.get(demo.url + (href ?? ""));
  expect(pdf.headers()["content-type"]).toBe("application/pdf");
  expect((await pdf.body()).subarray(0, 4).toString()).toBe("%PDF");
  const wrong = await request.get(`${demo.url}/api/looks/drought/template?kind=chart&format=doc`);
  expect([wrong.status(), wrong.headers()["content-type"]]).toEqual([
    400,
    "application/problem+json",
  ]);
  expect(
    ((await (await request.get(`${demo.url}/api/schemas/look`)).json()) as { title: string }).title,
  ).toBe("Dermagraph look");
  const file = await (await request.get(`${demo.url}/api/looks/drought/export`)).body();

  await page.goto(`${demo.url}/looks`, { waitUntil: "networkidle" });
  await page.getByLabel("Look file").setInputFiles({
    name: "old.look.json",
    mimeType: "application/json",
    buffer: Buffer.from(file.toString().replace(/"version": \d+/, '"version": 9')),
  });
  await expect(page.getByRole("alert").filter({ hasText: "newer Dermagraph" })).toBeVisible();
  await page
    .getByLabel("Look file")
    .setInputFiles({ name: "drought.look.json", mimeType: "application/json", buffer: file });
  await expect(page.getByText("Drought 2 is brought in")).toBeVisible();
  await expect(page.getByRole("link", { name: /Drought 2/ }).first()).toBeVisible();
  await demo.close();
});
