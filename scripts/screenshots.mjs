// npm run screenshots: one picture of each main view from fresh demo data, into docs/screenshots.
// Options: --out FOLDER, --theme studio|wings, --only NAME[,NAME], --url ADDRESS (a running demo instead of a fresh one).
import { mkdirSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { answers, build, CHROMIUM, freePort, ROOT, startServer } from "./steps.cjs";

const option = (name, usual) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : process.argv[at + 1];
};
const out = option("out", join(ROOT, "docs", "screenshots"));
const theme = option("theme", "studio");
const only = option("only", "")?.split(",").filter(Boolean);

const VIEWS = [
  ["today", "/"],
  ["looks", "/looks"],
  ["brief", "/looks/drought/drought-quarry/brief"],
  ["paint", "/looks/drought/drought-quarry/paint"],
  ["map", "/looks/first-frost/frost-reservoir/map"],
  ["photograph", "/looks/drought/drought-quarry/map"],
  ["colour", "/looks/sundog/sundog-hillside/colour"],
  ["mixing", "/mixing?target=%23c06a3a"],
  ["pieces", "/looks/first-frost/frost-reservoir/pieces"],
  ["time", "/looks/first-frost/frost-reservoir/time"],
  ["chair", "/chair/first-frost/frost-reservoir"],
  ["plan", "/looks/first-frost/frost-reservoir/plan"],
  ["record", "/looks/drought/drought-quarry/record"],
  ["calls", "/calls"],
  ["kit", "/looks/first-frost/frost-reservoir/kit"],
  ["palettes", "/shelf/palettes/quarry-palette"],
  ["person", "/people/nomi-tarrow"],
  ["shelf", "/shelf"],
  ["booth", "/booth"],
];

const WITH_FIGURE = new Set(["map", "plan", "record", "pieces"]);

/** The bare drawn person as the photograph, the face found on it by the model. */
async function onPhotograph(page) {
  const build = page.getByRole("slider", { name: "Build" });
  const all = await build.inputValue();
  await build.fill("0");
  await page.getByRole("button", { name: "Midline" }).click();
  // A layer of shapes has no areas that would be outlined.
  await page.getByRole("region", { name: "Layers" }).getByText("Cracks", { exact: true }).click();
  const figure = page.locator("section[aria-label=Figure] svg[role=img]").first();
  // What is dragged lies in a picture of its own over the figure.
  await page.addStyleTag({
    content: "section[aria-label=Figure] .will-change-transform { display: none }",
  });
  await page.waitForTimeout(800);
  const buffer = await figure.screenshot();
  await build.fill(all);
  await page.getByRole("button", { name: "On a photograph" }).click();
  const file = { name: "drawn.png", mimeType: "image/png", buffer };
  await page.getByLabel("Choose a photograph").setInputFiles(file);
  await page.getByRole("button", { name: "Without paint" }).waitFor({ timeout: 60_000 });
  await page.locator("canvas[data-settled=true]").waitFor();
  await page.waitForTimeout(500);
}

let url = option("url", null);
let server = null;
let folder = null;
if (!url) {
  if (!build()) process.exit(1);
  const port = await freePort();
  folder = mkdtempSync(join(tmpdir(), "dermagraph-shots-"));
  server = startServer(port, { DERMAGRAPH_DATA: folder, DERMAGRAPH_DEMO: "1" }, "ignore");
  url = `http://127.0.0.1:${port}`;
  await answers(url, 60);
}
mkdirSync(out, { recursive: true });
const browser = await chromium.launch(CHROMIUM);
const context = await browser.newContext({
  viewport: { width: Number(option("width", 1280)), height: Number(option("height", 800)) },
  reducedMotion: "reduce",
});
await context.addCookies([{ name: "theme", value: theme, url }]);
const page = await context.newPage();
for (const [name, path] of VIEWS) {
  if (only?.length && !only.includes(name)) continue;
  await page.goto(url + path, { waitUntil: "networkidle" });
  await page.evaluate(() => document.fonts.ready);
  // The design is judged off the page: its findings belong in the picture.
  if (path.endsWith("/map"))
    await page.getByRole("region", { name: "Findings" }).getByRole("listitem").first().waitFor();
  // What is worked out in the browser belongs in the picture, and the form of every figure.
  if (path.startsWith("/looks/"))
    await page.getByText("…", { exact: true }).first().waitFor({ state: "detached" });
  // Cards are pictures, fetched as they come into sight.
  await page.waitForFunction(() =>
    [...document.images].every(
      (image) =>
        image.getBoundingClientRect().top > document.documentElement.clientHeight ||
        image.naturalWidth > 0,
    ),
  );
  if (WITH_FIGURE.has(name)) await page.locator("image[data-relief]").first().waitFor();
  // At the chair something is going on: begun, and three steps done.
  if (name === "chair") {
    await page.getByRole("button", { name: "Begin", exact: true }).click();
    for (let step = 2; step < 5; step++) {
      await page.keyboard.press("Space");
      await page.getByText(`step ${step} of`).waitFor();
    }
    await page.getByText("works offline").waitFor();
    await page.waitForTimeout(1500);
  }
  if (name === "kit") await page.getByText(/pans? (is|are) enough/).waitFor();
  if (name === "palettes") await page.getByText(/of 29 places/).waitFor();
  if (name === "time")
    await page.getByRole("option", { name: /^as usual: / }).waitFor({ state: "attached" });
  if (name === "photograph") await onPhotograph(page);
  await page.screenshot({ path: join(out, `${name}.png`) });
  console.log(`${name}.png`);
}
await browser.close();
server?.kill();
if (folder) rmSync(folder, { recursive: true, force: true });
