import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

test("a palette is laid out by keys alone: pans put in, filled, moved, ordered, taken out and back, kept, and its labels are printed", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/shelf/palettes`, { waitUntil: "networkidle" });
  await expect(page.getByRole("list", { name: "Palettes" }).getByRole("listitem")).toHaveCount(2);
  await page.getByRole("button", { name: "New palette" }).press("Enter");
  await expect(page.getByRole("heading", { name: "New hand palette" })).toBeVisible();
  const pans = page.getByRole("list", { name: "Pans" });
  const names = () =>
    pans
      .getByRole("button")
      .evaluateAll((list) => list.map((pan) => pan.getAttribute("aria-label")?.split(",")[0]));
  for (const paint of ["Coal", "Chalk white", "Brick"]) {
    await page.getByRole("button", { name: "Put a pan in" }).press("Enter");
    await page
      .getByRole("region", { name: "The pan" })
      .getByRole("combobox", { name: "Paint" })
      .selectOption({ label: `${paint}, glycerine water colour` });
  }
  expect(await names()).toEqual(["Coal", "Chalk white", "Brick"]);
  // A fourth of two paints by parts.
  await page.getByRole("button", { name: "Put a pan in" }).press("Enter");
  const panel = page.getByRole("region", { name: "The pan" });
  await panel
    .getByRole("combobox", { name: "Paint" })
    .selectOption({ label: "Chalk white, glycerine water colour" });
  await panel.getByRole("button", { name: "Mix another in" }).press("Enter");
  await panel
    .getByRole("combobox", { name: "Paint 2" })
    .selectOption({ label: "Coal, glycerine water colour" });
  await panel.getByRole("spinbutton", { name: "Parts" }).first().fill("3");
  await expect(panel.getByRole("heading")).toContainText("3 parts Chalk white : 1 Coal");

  // Moved by Alt and arrows; the arrows alone choose.
  const coal = pans.getByRole("button", { name: /^Coal/ });
  await coal.focus();
  await page.keyboard.press("Alt+ArrowRight");
  expect(await names()).toEqual(["Chalk white", "Coal", "Brick", "3 parts Chalk white : 1 Coal"]);
  await expect(coal).toBeFocused();
  await page.keyboard.press("Alt+End");
  expect((await names()).at(-1)).toBe("Coal");
  await page.keyboard.press("ArrowLeft");
  await expect(pans.getByRole("button", { name: /^3 parts/ })).toBeFocused();
  await page.keyboard.press("Delete");
  expect(await names()).toEqual(["Chalk white", "Brick", "Coal"]);
  await page.keyboard.press("Control+z");
  expect(await names()).toHaveLength(4);
  await page.getByRole("combobox", { name: "Order" }).selectOption({ label: "from light to dark" });
  expect(await names()).toEqual(["Chalk white", "3 parts Chalk white : 1 Coal", "Brick", "Coal"]);
  await expect(page.getByText(/^saved( \d\d:|$)/)).toBeVisible();

  // Too small a palette is said, and nothing is lost by it.
  await page.getByLabel("Width, mm").fill("41");
  await page.getByLabel("Height, mm").fill("40");
  await expect(page.getByText(/do not fit: take one out, or a larger palette/)).toBeVisible();
  await page.getByLabel("or a usual size").selectOption({ label: "pocket tin, 90 × 60 mm" });
  await expect(page.getByText(/not fit/)).toHaveCount(0);
  await expect(page.getByText(/^saved( \d\d:|$)/)).toBeVisible();

  // A pan is filled out of the pot: nothing was used by it.
  await pans.getByRole("button", { name: /^Brick/ }).press("Enter");
  await panel.getByLabel("Amount (g)").fill("2");
  await panel.getByRole("button", { name: "Fill it out of the pot" }).press("Enter");
  await expect(page.getByText("2.0 g out of the pot and into the pan")).toBeVisible();
  await expect(panel).toContainText("2.0 g in it by its history");
  await expect(panel).toContainText("Brick: 30 g in all");
  // Weighed after painting: what is missing is gone from the shelf.
  await panel.getByLabel("Amount (g)").fill("0.5");
  await panel.getByRole("button", { name: "Weighed: so much is in it" }).press("Enter");
  await expect(panel).toContainText("0.5 g in it by its history");
  await expect(panel).toContainText("Brick: 29 g in all");

  const url = page.url();
  await page.reload({ waitUntil: "networkidle" });
  expect(await names()).toEqual(["Chalk white", "3 parts Chalk white : 1 Coal", "Brick", "Coal"]);
  const labels = pdfText(
    await (
      await page.request.get(
        `${studio.url}/api/palettes/${url.split("/").at(-1) ?? ""}/labels?paper=letter`,
      )
    ).body(),
  );
  expect(labels).toMatch(/New hand palette: from above.*Brick/);
  expect(labels).toMatch(
    /labels to cut.*Chalk white.*glycerine water.*Measure this line|Measure this line.*labels to cut/,
  );
  await expect(page.getByRole("region", { name: "Half and half" }).getByRole("row")).toHaveCount(3);
  await expect(page.getByRole("region", { name: "What it reaches" })).toContainText(/of 29 places/);
  await studio.close();
});

test("the chapter Kit proposes the fewest pans, lays them out, and can paint the look from them and back", async ({
  page,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/looks/first-frost/frost-reservoir/kit`, {
    waitUntil: "networkidle",
  });
  const fewest = page.getByRole("region", { name: "Fewest pans" });
  await expect(fewest.getByRole("status")).toContainText(
    /^4 pans are enough for all 4 colours; painted as it is now, it takes 5\.$/,
  );
  await expect(fewest.getByRole("list", { name: "Colours of the palette" })).toContainText(
    /Frost base.*1 part Ice blue : 2 Line white.*glycerine water colour with wax water colour/,
  );
  await expect(fewest).toContainText(
    "Beside the palette, since no pan holds it: Frost spangle, Ash lip.",
  );
  await expect(fewest).toContainText("Laid out for this job: Frost tin");
  await fewest.getByRole("button", { name: "Paint the look from it" }).click();
  await expect(page.getByText("2 layers are painted from the palette now")).toBeVisible();
  await expect(fewest.getByRole("status")).toContainText("4 pans are enough for all 4 colours.");
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(fewest.getByRole("status")).toContainText("it takes 5");
  await fewest.getByRole("button", { name: "Lay out a palette" }).click();
  await expect(page.getByRole("heading", { name: "First Frost palette" })).toBeVisible();
  await expect(page.getByRole("list", { name: "Pans" }).getByRole("button")).toHaveCount(4);
  // Dragged by the pointer: the first is set down on the third's place.
  const pans = page.getByRole("list", { name: "Pans" }).getByRole("button");
  const names = () =>
    pans.evaluateAll((list) => list.map((pan) => pan.getAttribute("aria-label")?.split(",")[0]));
  const [a = "", b = "", c = "", d = ""] = (await names()).map(String);
  const [from, to] = [await pans.nth(0).boundingBox(), await pans.nth(2).boundingBox()];
  if (!from || !to) throw new Error("no pans");
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 });
  await page.mouse.up();
  await expect.poll(names).toEqual([b, c, a, d]);
  await page.getByRole("combobox", { name: "Order" }).selectOption({ label: "by working order" });
  await expect(page.getByText("Packed for First Frost.")).toBeVisible();
  // What is not made for skin does not go in beside what is (SAFE-1).
  const refused = await page.request.post(`${studio.url}/api/palettes`, {
    data: {
      name: "T",
      width: 90,
      height: 60,
      pans: [{ id: "a", pan: "half", parts: [{ productId: "workshop-gold", parts: 1 }] }],
    },
  });
  expect(refused.status()).toBe(400);
  expect(await refused.text()).toContain("not made for skin");
  await studio.close();
});

test("addresses of before lead on to where things are now", async ({ request, demo }) => {
  for (const [before, now] of [
    ["/shelf/trays", "/shelf/palettes"],
    ["/shelf/trays/frost-tin", "/shelf/palettes/frost-tin"],
    ["/looks/first-frost/frost-reservoir/tray", "/looks/first-frost/frost-reservoir/kit"],
  ] as const) {
    const answer = await request.get(demo.url + before);
    expect([answer.status(), answer.url()]).toEqual([200, demo.url + now]);
  }
});
