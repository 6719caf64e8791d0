// npm run bench:map: a look of 150 marks in 60 layers in headless Chromium: frames while a mark is dragged, against an empty page; opening; undo.
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Page } from "@playwright/test";
import {
  MARK_KINDS,
  newMark,
  zonesOfMarks,
  PLAIN_LAYER,
  USUAL_SCHOOLS,
  type Layer,
  type Look,
} from "../src/core/look";
import { buildFigure, defaultFace } from "../src/core/anatomy";
import { answers, build, CHROMIUM, freePort, startServer } from "./steps.cjs";

const [LAYERS, MARKS] = [60, 150];
const figure = buildFigure(defaultFace());
/** Small marks all over the face, two or three to a layer, on a base. */
function bigLook(): Look {
  let n = 0;
  const layers = Array.from({ length: LAYERS }, (_, i): Layer => {
    const plain = {
      ...PLAIN_LAYER,
      id: `l${i}`,
      name: `layer ${i}`,
      tool: "roundBrush",
      technique: "pat",
      coats: 1,
    } as const;
    if (i === 0)
      return {
        ...plain,
        role: "base",
        zones: figure.zones.filter(({ group }) => group === "face").map(({ id }) => id),
        paint: { kind: "product", productId: "chalk-white" },
        tool: "dampSponge",
        technique: "stipple",
      };
    const count =
      Math.round((MARKS * i) / (LAYERS - 1)) - Math.round((MARKS * (i - 1)) / (LAYERS - 1));
    const marks = Array.from({ length: count }, () => {
      n++;
      const kind =
        MARK_KINDS.filter((key) => key !== "path" && key !== "wing")[n % (MARK_KINDS.length - 2)] ??
        "star";
      return {
        ...newMark(kind, { x: ((n * 37) % 100) - 50, y: 50 - ((n * 53) % 150) }, n),
        turnDeg: (n * 31) % 360,
      };
    });
    return {
      ...plain,
      role: "detail",
      marks,
      zones: zonesOfMarks(marks, figure).filter((zone) => !/[lL]ip|Lid/.test(zone)),
      paint: { kind: "product", productId: i % 2 ? "storm-blue" : "brick" },
    };
  });
  return {
    schema: 1,
    name: "A hundred and fifty",
    system: null,
    schools: USUAL_SCHOOLS,
    light: "above",
    layers,
    bare: [],
    accepted: [],
    pieces: [],
    steps: [],
    toDo: [],
    tags: [],
    notes: "",
  };
}

/** Frame times in ms while something is done. */
async function frames(page: Page, act: () => Promise<void>): Promise<number[]> {
  // As text: what tsx makes of a function is not what a page can run.
  await page.evaluate(
    "times = []; on = true; last = performance.now(); requestAnimationFrame(function tick(now) { times.push(now - last); last = now; if (on) requestAnimationFrame(tick); })",
  );
  await act();
  return page.evaluate<number[]>("on = false; times.slice(2)");
}
const show = (what: string, times: number[]) => {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) =>
    (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN).toFixed(1);
  console.log(
    `${what.padEnd(44)} median ${at(0.5)} ms, 95 % ${at(0.95)} ms, worst ${at(1)} ms, ${(1000 / Number(at(0.5))).toFixed(0)} frames a second (${times.length} frames)`,
  );
};

if (!build()) process.exit(1);
const port = await freePort();
const folder = mkdtempSync(join(tmpdir(), "dermagraph-bench-"));
const url = `http://127.0.0.1:${port}`;
const server = startServer(port, { DERMAGRAPH_DATA: folder, DERMAGRAPH_DEMO: "1" }, "ignore");
await answers(url, 60);
const browser = await chromium.launch(CHROMIUM);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const imported = await page.request.post(`${url}/api/looks/import`, {
    headers: { "content-type": "application/json" },
    data: JSON.stringify({ format: "dermagraph look", version: 1, look: bigLook(), products: [] }),
  });
  const { lookId, errors } = (await imported.json()) as { lookId?: string; errors?: unknown };
  if (!lookId) throw new Error(`the look was refused: ${JSON.stringify(errors)}`);
  const move = async (from: { x: number; y: number }, steps: number) => {
    for (let i = 0; i < steps; i++) {
      await page.mouse.move(from.x + 60 * Math.sin(i / 12), from.y + 40 * Math.cos(i / 9));
      await page.evaluate("new Promise(requestAnimationFrame)");
    }
  };

  await page.setContent("<body style='margin:0;height:100vh'>empty</body>");
  await page.mouse.move(600, 400);
  show(
    "an empty page, the pointer moving",
    await frames(page, () => move({ x: 600, y: 400 }, 180)),
  );

  await page.goto(`${url}/looks/${lookId}/anyone/map`, { waitUntil: "networkidle" });
  const opened: string[] = [];
  for (let i = 0; i < 5; i++) {
    await page.goto("about:blank");
    await page.goto(`${url}/looks/${lookId}/anyone/map`, { waitUntil: "commit" });
    // Answering: React has taken over the row of a layer, so that a click is heard.
    // Asked anew each time: the page's own policy forbids a question that is kept there as words.
    const answering = () =>
      page.evaluate<number>(
        "Object.keys(document.querySelector('[data-layer=l30]') ?? {}).some((key) => key.startsWith('__reactProps')) ? performance.now() : 0",
      );
    let ready = 0;
    while (!ready) ready = await answering().catch(() => 0);
    const seen = await page.evaluate<number>(
      "performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN",
    );
    opened.push(`${seen.toFixed(0)} / ${ready.toFixed(0)}`);
    await page.waitForLoadState("networkidle");
    await page.waitForTimeout(1500);
  }
  console.log(`${"opening the map: seen / answering, ms".padEnd(44)} ${opened.join(", ")}`);

  await page.locator('[data-layer="l30"]').click();
  const mark = page.locator("[data-mark]").first();
  await mark.waitFor();
  await page.waitForTimeout(3000);
  const box = await mark.boundingBox();
  const at = {
    x: (box?.x ?? 0) + (box?.width ?? 0) / 2,
    y: (box?.y ?? 0) + (box?.height ?? 0) / 2,
  };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  show(
    `dragging a mark among ${MARKS} in ${LAYERS} layers`,
    await frames(page, () => move(at, 180)),
  );
  await page.mouse.up();
  await page.waitForTimeout(4000);
  const undone: number[] = [];
  for (let i = 0; i < 8; i++) {
    const way = i % 2 ? "Redo" : "Undo";
    await page.waitForTimeout(2500);
    undone.push(
      await page.evaluate<number>(`(async () => {
      const button = [...document.querySelectorAll("button")].find((one) => one.textContent.trim() === "${way}");
      const start = performance.now();
      button.click();
      await new Promise((resolve) => requestAnimationFrame(resolve));
      return performance.now() - start;
    })()`),
    );
  }
  console.log(
    `${"undo and redo, click to the frame that shows it".padEnd(44)} ${undone.map((ms) => ms.toFixed(0)).join(", ")} ms`,
  );
} finally {
  await browser.close();
  server.kill("SIGKILL");
  rmSync(folder, { recursive: true, force: true });
}
