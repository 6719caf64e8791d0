import { pdfText } from "./pdfText";
import { expect, openStudio, test } from "./studio";

test("a call: two performers on one board, a second artist and chair shorten it, a late one is planned around, and it goes out as calendar and sheets", async ({
  page,
  request,
}) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/calls`, { waitUntil: "networkidle" });
  const call = page.getByRole("region", { name: /^Call of/ });
  const board = call.getByRole("img", { name: /^The call by chair/ });
  await expect(board).toBeVisible();
  await expect(call.getByRole("row", { name: /First Frost on Nomi Tarrow/ })).toContainText(
    "in time",
  );
  await expect(call.getByRole("row", { name: /Hail on Perrin Vaile/ })).toContainText("in time");
  const begin = () =>
    call
      .getByText(/^Begin at/)
      .locator("strong")
      .first()
      .innerText();
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  const alone = await begin();
  // Who goes on first is painted first.
  const order = await call.getByRole("table").getByRole("rowheader").allInnerTexts();
  expect(order).toEqual(["First Frost on Nomi Tarrow", "Hail on Perrin Vaile"]);
  await call.getByLabel("Chairs").fill("2");
  await call.getByRole("button", { name: "Another artist" }).click();
  await expect.poll(async () => minutes(await begin())).toBeGreaterThan(minutes(alone));
  // The second chair alone helps too: what counts is where it stands with the second artist.
  await expect(call.getByLabel("Name of artist 2")).toBeVisible();
  let two = "";
  await expect
    .poll(
      async () => {
        const before = two;
        two = await begin();
        return two === before;
      },
      { intervals: [1000] },
    )
    .toBe(true);
  await call.getByLabel("Name of artist 2").fill("Odo");
  // Only Odo glues caps: the cap of Hail is Odo's.
  await call
    .getByRole("group", { name: "What artist 1 can do" })
    .getByLabel("gluing pieces and caps")
    .uncheck();
  await expect(call.getByRole("row", { name: /Hail on Perrin Vaile/ })).toContainText("Odo");
  await call
    .getByRole("group", { name: "What artist 2 can do" })
    .getByLabel("gluing pieces and caps")
    .uncheck();
  await expect(call.getByRole("list", { name: "Conflicts" })).toContainText(
    "Nobody at this call does gluing pieces and caps",
  );
  await call
    .getByRole("group", { name: "What artist 2 can do" })
    .getByLabel("gluing pieces and caps")
    .check();
  await expect(call.getByRole("list", { name: "Conflicts" })).toHaveCount(0);
  // One artist is late: known in time the call begins sooner; on the day, with the beginning fixed, somebody is too late.
  await call.getByLabel("The beginning is fixed").check();
  await call.getByLabel("Artist 2 is late by, min").fill("90");
  await expect(call.getByRole("cell", { name: /too late/ }).first()).toBeVisible();
  await call.getByLabel("Artist 2 is late by, min").fill("0");
  await call.getByLabel("Artist 1 is late by, min").fill("90");
  await call.getByLabel("The beginning is fixed").uncheck();
  await expect.poll(async () => minutes(await begin())).toBeLessThanOrEqual(minutes(two));
  await expect(call.getByRole("cell", { name: /too late/ })).toHaveCount(0);
  await call.getByRole("checkbox", { name: "Perrin Vaile" }).uncheck();
  await expect(call.getByRole("row", { name: /Hail/ })).toHaveCount(0);
  await call.getByRole("checkbox", { name: "Perrin Vaile" }).check();
  await expect(call.getByText(/^saved \d\d:/)).toBeVisible();
  await page.reload({ waitUntil: "networkidle" });
  await expect(call.getByLabel("Name of artist 2")).toHaveValue("Odo");

  const calendar = await request.get(
    studio.url + String(await call.getByRole("link", { name: /Calendar/ }).getAttribute("href")),
  );
  expect(calendar.headers()["content-type"]).toContain("text/calendar");
  expect(await calendar.text()).toMatch(
    /BEGIN:VALARM[\s\S]*Paint Hail on Perrin Vaile|Paint Hail on Perrin Vaile[\s\S]*BEGIN:VALARM/,
  );
  const sheet = await request.get(
    studio.url + String(await call.getByRole("link", { name: /Call sheets/ }).getAttribute("href")),
  );
  const text = pdfText(await sheet.body());
  // Artist 1 comes an hour and a half late: the sheet is Odo's.
  expect(text).toMatch(/Call sheet, \d+ \w+ \d{4}: Odo/);
  expect(text).toMatch(
    /(Nomi Tarrow: First Frost|Perrin Vaile: Hail)\s+chair \d · needed by \d\d:\d\d[\s\S]*\d\d:\d\d\s+\d\d:\d\d\s+Skin prep/,
  );

  await studio.close();
});

test("without a dated job the board says what to do", async ({ page, empty }) => {
  await page.goto(`${empty.url}/calls`);
  await expect(page.getByRole("heading", { name: "No dated job ahead" })).toBeVisible();
});
