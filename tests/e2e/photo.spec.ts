import sharp from "sharp";
import { expect, test } from "./studio";

test("a face from a photograph: points moved by keys and mouse, scaled by a ruler, saved on the person and drawn", async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/people/perrin-vaile`, { waitUntil: "networkidle" });
  const file = page.getByLabel(/^Landmarks from/);
  await file.setInputFiles({
    name: "notes.txt",
    mimeType: "text/plain",
    buffer: Buffer.from("not a picture"),
  });
  await expect(
    page.getByRole("alert").filter({ hasText: "no picture that can be shown" }),
  ).toBeVisible();
  const picture = await sharp({
    create: { width: 950, height: 1300, channels: 3, background: "#b09080" },
  })
    .png()
    .toBuffer();
  await file.setInputFiles({ name: "face.png", mimeType: "image/png", buffer: picture });

  // A plain wall has no face: whoever knows better need not wait until it was looked for.
  await page.getByRole("button", { name: "Put the points by hand" }).click();
  const board = page.getByRole("group", { name: "Photograph with the points of the face" });
  await expect(board).toBeVisible();
  // The points start as an average face of 5 pixels to the mm: its chin 10 px lower is 2 mm.
  const chin = board.getByRole("button", { name: /^lower edge of the chin/ });
  await chin.focus();
  await page.keyboard.press("Shift+ArrowDown");
  const brow = board.getByRole("button", { name: /^left brow, highest point/ });
  const box = await brow.boundingBox();
  const at = {
    x: (box?.x ?? 0) + (box?.width ?? 0) / 2,
    y: (box?.y ?? 0) + (box?.height ?? 0) / 2,
  };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x, at.y - 12, { steps: 4 });
  await page.mouse.up();

  await page.getByLabel("Between the ends of the scale, mm").fill("500");
  await page.getByRole("button", { name: "Take the face from these points" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "no face has that" })).toBeVisible();
  await page.getByLabel("Between the ends of the scale, mm").fill("50");
  await page.getByRole("button", { name: "Take the face from these points" }).click();
  await expect(page.getByText("26 landmarks are set.")).toBeVisible();
  await expect(page.getByLabel("Bridge of the nose to chin, mm")).toHaveValue(/^120/);
  await page.getByLabel("Height (cm)").fill("183");
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("Perrin Vaile is saved")).toBeVisible();
  await page.reload({ waitUntil: "networkidle" });
  await expect(page.getByText("26 landmarks are set.")).toBeVisible();
  await expect(page.getByLabel("Height (cm)")).toHaveValue("183");
  await page.getByRole("button", { name: "Forget them" }).click();
  await page.getByRole("button", { name: "Save the card" }).click();
  await expect(page.getByText("Perrin Vaile is saved").first()).toBeVisible();
});
