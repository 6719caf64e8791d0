import type { Page } from "@playwright/test";
import { expect, test } from "./studio";

const MAP = "/looks/first-frost/frost-reservoir/map";

/** Mean red, green and blue of a part of the turned head, given as shares of its picture. */
const meanAt = (page: Page, x: number, y: number) =>
  page.locator("canvas[data-settled=true][aria-busy=false]").evaluate(
    (canvas: HTMLCanvasElement, at) => {
      const size = 12;
      const context = canvas.getContext("2d");
      if (!context) throw new Error("no canvas");
      const { data } = context.getImageData(
        Math.round(canvas.width * at.x) - size / 2,
        Math.round(canvas.height * at.y) - size / 2,
        size,
        size,
      );
      const mean = (channel: number) =>
        Math.round(
          data.filter((_, i) => i % 4 === channel).reduce((sum, value) => sum + value, 0) /
            (size * size),
        );
      return { red: mean(0), green: mean(1), blue: mean(2), cover: mean(3) };
    },
    { x, y },
  );

test("a face has form: light from where the lamp hangs, none when flat, the same colours under it", async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + MAP, { waitUntil: "networkidle" });
  const figure = page.getByRole("region", { name: "Figure" });
  const relief = figure.locator("image[data-relief]");
  await expect(relief).toHaveCount(1);
  const above = await relief.getAttribute("href");
  await figure.getByLabel("Lamp at").selectOption("foot");
  await expect.poll(() => relief.getAttribute("href")).not.toBe(above);
  await figure.getByLabel("Lamp at").selectOption("flat");
  await expect(relief).toHaveCount(0);
  await figure.getByLabel("Lamp at").selectOption("above");
  await expect.poll(() => relief.getAttribute("href")).toBe(above);
  await figure.getByLabel("View").selectOption("leftProfile");
  await expect(figure.locator("image[data-relief=leftProfile]")).toHaveCount(1);
});

test("a painted head is turned by keys and by hand, and shows each side as its chart has it", async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + MAP, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Turn by hand" }).press("Enter");
  const turn = page.getByRole("slider", { name: "Turn" });
  const picture = page.getByRole("img", { name: /First Frost on .*three-quarter, their left/ });
  await expect(picture).toBeVisible();
  // The white base on the forehead from the front; the hair from behind.
  await turn.fill("0");
  await expect(page.getByRole("img", { name: /from the front/ })).toBeVisible();
  const forehead = await meanAt(page, 0.5, 0.32);
  await turn.fill("180");
  await expect(page.getByRole("img", { name: /from behind/ })).toBeVisible();
  const hair = await meanAt(page, 0.5, 0.32);
  expect(forehead.green).toBeGreaterThan(150);
  expect(hair.green).toBeLessThan(90);
  expect(hair.cover).toBe(255);
  // An arrow key turns it on by five degrees, dragging by half a degree a pixel.
  await turn.fill("0");
  await turn.press("ArrowRight");
  await expect(turn).toHaveValue("5");
  const box = await page.locator("canvas[data-settled]").boundingBox();
  if (!box) throw new Error("no picture");
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(middle.x, middle.y);
  await page.mouse.down();
  await page.mouse.move(middle.x - 80, middle.y, { steps: 8 });
  await page.mouse.up();
  await expect(turn).toHaveValue("45");
  await expect(page.getByRole("img", { name: /three-quarter, their left/ })).toBeVisible();
  // What is changed in the look is changed on the head: with no layer left it is bare skin.
  await page.getByRole("slider", { name: "Build" }).fill("0");
  await turn.fill("0");
  await expect
    .poll(async () => {
      const { red, blue } = await meanAt(page, 0.5, 0.32);
      return red - blue;
    })
    .toBeGreaterThan(15);
});

test("the whole person is turned too, on the map and where looks are chosen", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/looks/first-frost/frost-reservoir/map`);
  const figure = page.getByRole("region", { name: "Figure" });
  await figure.getByLabel("View").selectOption("bodyFront");
  await page.getByRole("button", { name: "Turn by hand" }).click();
  // A view of the body is turned as a whole.
  await expect(figure.getByRole("button", { name: "Whole person" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await figure.getByRole("button", { name: "Look from: their left profile" }).click();
  await expect(page.getByRole("slider", { name: "Turn", exact: true })).toHaveValue("90");
  await expect(page.getByRole("img", { name: /their left profile/ })).toBeVisible();
  // Cloth at the seat, skin at the shin, nothing beside them.
  const seat = await meanAt(page, 0.54, 0.5);
  const shin = await meanAt(page, 0.51, 0.78);
  const beside = await meanAt(page, 0.1, 0.4);
  expect([seat.cover, shin.cover, beside.cover]).toEqual([255, 255, 0]);
  expect(seat.green).toBeGreaterThan(shin.green + 60);

  await page.goto(`${demo.url}/looks`);
  await page.getByRole("button", { name: "Turn Drought by hand" }).click();
  const dialog = page.getByRole("dialog", { name: "Drought" });
  await expect(dialog.getByRole("img", { name: /three-quarter, their left/ })).toBeVisible();
  const cheek = await meanAt(page, 0.5, 0.5);
  expect(cheek.cover).toBe(255);
  expect(cheek.red).toBeGreaterThan(cheek.blue + 30);
  await page.keyboard.press("Escape");
  await expect(dialog).toBeHidden();
});

test("a body has form too, in its own light, and a relief is asked for by address", async ({
  page,
  demo,
}) => {
  const asked: string[] = [];
  page.on("request", (request) => {
    if (request.url().includes("/api/relief")) asked.push(request.url());
  });
  await page.goto(demo.url + MAP, { waitUntil: "networkidle" });
  const figure = page.getByRole("region", { name: "Figure" });
  await figure.getByLabel("View").selectOption("bodyFront");
  await expect(figure.locator("image[data-relief]")).toHaveCount(2);
  await figure.getByLabel("View").selectOption("legsBack");
  await expect(figure.locator("image[data-relief=bodyBack]")).toHaveCount(1);
  await figure.getByLabel("Lamp at").selectOption("flat");
  await expect(figure.locator("image[data-relief]")).toHaveCount(0);

  const address = asked.find((url) => url.includes("chart=bodyFront")) ?? "";
  const picture = await page.request.get(address);
  expect(picture.headers()["content-type"]).toBe("image/webp");
  expect(picture.headers()["cache-control"]).toContain("immutable");
  const nonsense = await page.request.get(`${demo.url}/api/relief?part=head&face=1,2`);
  expect(nonsense.status()).toBe(400);
  expect(nonsense.headers()["content-type"]).toContain("problem+json");
});
