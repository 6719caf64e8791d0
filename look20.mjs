import { createRequire } from "node:module";
const require = createRequire(import.meta.url);
const { startServer, freePort, answers, CHROMIUM } = require("./scripts/steps.cjs");
import { chromium } from "playwright-core";
import { mkdtempSync, writeFileSync } from "node:fs";
const dir = mkdtempSync("/tmp/w/data-");
const port = await freePort();
const server = startServer(port, { DERMAGRAPH_DATA: dir, DERMAGRAPH_DEMO: "1" }, "ignore");
const url = `http://127.0.0.1:${port}`;
await answers(url, 60);
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const shots = JSON.parse(process.argv[2]);
for (const [path, name, act] of shots) {
  if (path.endsWith(".pdf") || path.includes("/sheet")) { const r = await page.request.get(url + path); console.log(path, r.status(), r.headers()["content-type"]); writeFileSync(`/tmp/w/${name}.pdf`, await r.body()); continue; }
  await page.goto(url + path, { waitUntil: "networkidle" });
  if (act) await eval(`(async()=>{${act}})()`);
  await page.waitForTimeout(900);
  await page.screenshot({ path: `/tmp/w/${name}.png`, fullPage: name.endsWith("-full") });
}
await browser.close();
server.kill();
process.exit(0);
