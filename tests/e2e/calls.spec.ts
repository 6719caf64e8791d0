import { spawnSync } from "node:child_process";
import { expect, openStudio, test } from "./studio";

test("a call: two performers on one board, a second artist and chair shorten it, a late one is planned around, and it goes out as calendar and sheets", async ({ page, request }) => {
  const studio = await openStudio({ demo: true });
  await page.goto(`${studio.url}/calls`, { waitUntil: "networkidle" });
  const call = page.getByRole("region", { name: /^Call of/ });
  const board = call.getByRole("img", { name: /^The call by chair/ });
  await expect(board).toBeVisible();
  await expect(call.getByRole("row", { name: /First Frost on Nomi Tarrow/ })).toContainText("in time");
  await expect(call.getByRole("row", { name: /Hail on Perrin Vaile/ })).toContainText("in time");
  const begin = () => call.getByText(/^Begin at/).locator("strong").first().innerText();
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  const alone = await begin();
  await call.getByLabel("Chairs").fill("2");
  await call.getByLabel("Artists", { exact: true }).fill("2");
  await expect.poll(async () => minutes(await begin())).toBeGreaterThan(minutes(alone));
  const two = await begin();
  await call.getByLabel("First artist is late by, min").fill("40");
  await expect.poll(async () => minutes(await begin())).toBeLessThanOrEqual(minutes(two));
  await call.getByRole("checkbox", { name: "Perrin Vaile" }).uncheck();
  await expect(call.getByRole("row", { name: /Hail/ })).toHaveCount(0);
  await call.getByRole("checkbox", { name: "Perrin Vaile" }).check();

  const calendar = await request.get(studio.url + String(await call.getByRole("link", { name: /Calendar/ }).getAttribute("href")));
  expect(calendar.headers()["content-type"]).toContain("text/calendar");
  expect(await calendar.text()).toMatch(/BEGIN:VALARM[\s\S]*Paint Hail on Perrin Vaile|Paint Hail on Perrin Vaile[\s\S]*BEGIN:VALARM/);
  const sheet = await request.get(studio.url + String(await call.getByRole("link", { name: /Call sheets/ }).getAttribute("href")));
  const script = `import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs"; const chunks = []; for await (const chunk of process.stdin) chunks.push(chunk);
    const file = await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise;
    for (let n = 1; n <= file.numPages; n++) process.stdout.write((await (await file.getPage(n)).getTextContent()).items.map((item) => item.str).join(" ") + " ");`;
  const text = spawnSync(process.execPath, ["--input-type=module", "-e", script], { input: await sheet.body(), cwd: process.cwd() }).stdout.toString();
  expect(text).toMatch(/artist 1.*artist 2/);
  expect(text).toMatch(/\d\d:\d\d to \d\d:\d\d +(Nomi Tarrow|Perrin Vaile), chair \d: /);

  const booth = page.getByRole("region", { name: "Booth" });
  await booth.getByLabel("People an hour").fill("40");
  await expect(booth.getByRole("status")).toContainText("The queue only grows");
  await booth.getByLabel("People an hour").fill("8");
  await expect(booth.getByRole("status")).toContainText("People wait about");
  await studio.close();
});

test("without a dated job the board says what to do", async ({ page, empty }) => {
  await page.goto(`${empty.url}/calls`);
  await expect(page.getByRole("heading", { name: "No dated job ahead" })).toBeVisible();
});
