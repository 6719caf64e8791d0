// npm run bench:finder: the face finder in headless Chromium: its weight, cold and warm, beside a plain loop over the pixels; and frames of the page while it looks.
import { mkdtempSync, readdirSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { answers, build, CHROMIUM, freePort, ROOT, startServer } from "./steps.cjs";

if (!build()) process.exit(1);
const finder = join(ROOT, "public", "finder");
const sizes = readdirSync(finder).map((name) => statSync(join(finder, name)).size);
const megabytes = (bytes: number) => (bytes / 1e6).toFixed(1);
console.log(
  `weight, fetched when a photograph is opened and not before: ${megabytes(sizes.reduce((a, b) => a + b, 0))} MB in ${sizes.length} files`,
);

const port = await freePort();
const folder = mkdtempSync(join(tmpdir(), "dermagraph-finder-"));
const server = startServer(port, { DERMAGRAPH_DATA: folder, DERMAGRAPH_DEMO: "1" }, "ignore");
const url = `http://127.0.0.1:${port}`;
await answers(url, 60);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

/** Frames a second of the page until a face is found, and how long that took. */
async function looked(buffer: Buffer): Promise<{ ms: number; fps: number }> {
  // As text: what is compiled here leaves names in a function that a page does not know.
  await page.evaluate(
    "seen = 0; requestAnimationFrame(function tick() { seen++; requestAnimationFrame(tick); });",
  );
  const begun = Date.now();
  await page
    .getByLabel("Choose a photograph")
    .setInputFiles({ name: "drawn.png", mimeType: "image/png", buffer });
  await page.getByRole("button", { name: "Without paint" }).waitFor({ timeout: 120_000 });
  const ms = Date.now() - begun;
  const frames = await page.evaluate<number>("seen");
  return { ms, fps: (1000 * frames) / ms };
}

await page.goto(`${url}/looks/drought/drought-quarry/map`, { waitUntil: "networkidle" });
// The drawn person, bare, as the photograph.
await page.getByRole("slider", { name: "Build" }).fill("0");
await page.waitForTimeout(1000);
const face = await page.locator("section[aria-label=Figure] svg[role=img]").first().screenshot();
await page.getByRole("button", { name: "On a photograph" }).click();
const first = await looked(face);
console.log(
  `first photograph, from the file to the face: ${first.ms} ms, the page at ${first.fps.toFixed(0)} frames a second meanwhile`,
);

const warm = await page.evaluate(
  async ({ data, origin }) => {
    const { Human } = (await import(`${origin}/finder/human.esm.js`)) as {
      Human: new (config: object) => {
        load: () => Promise<void>;
        detect: (picture: ImageData) => Promise<{ face: unknown[] }>;
      };
    };
    const off = { enabled: false };
    const human = new Human({
      ...{
        backend: "webgl",
        modelBasePath: `${origin}/finder/`,
        cacheModels: false,
        warmup: "none",
      },
      ...{ filter: off, gesture: off, body: off, hand: off, object: off, segmentation: off },
      face: { description: off, emotion: off, antispoof: off, liveness: off },
    });
    await human.load();
    const bytes = Uint8Array.from(atob(data), (sign) => sign.charCodeAt(0));
    const bitmap = await createImageBitmap(new Blob([bytes], { type: "image/png" }));
    const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext("2d");
    if (!context) throw new Error("no canvas");
    context.drawImage(bitmap, 0, 0);
    const picture = context.getImageData(0, 0, bitmap.width, bitmap.height);
    const times: number[] = [];
    for (let i = 0; i < 4; i++) {
      const begun = performance.now();
      const { face } = await human.detect(picture);
      times.push(performance.now() - begun);
      if (face.length !== 1) throw new Error(`${face.length} faces`);
    }
    const begun = performance.now();
    const copy = new Uint8ClampedArray(picture.data.length);
    for (let i = 0; i < copy.length; i++) copy[i] = picture.data[i] ?? 0;
    return { times, plain: performance.now() - begun };
  },
  { data: face.toString("base64"), origin: url },
);
const [cold = NaN, ...again] = warm.times;
const usual = again.sort((a, b) => a - b)[again.length >> 1] ?? NaN;
console.log(
  `landmarks: cold ${cold.toFixed(0)} ms, warm ${usual.toFixed(0)} ms, ${(usual / warm.plain).toFixed(0)} times a plain loop over the pixels (software WebGL)`,
);
await browser.close();
server.kill();
rmSync(folder, { recursive: true, force: true });
process.exit(0);
