// node look.mjs out theme width height path...
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { answers, CHROMIUM, freePort, startServer } from "./scripts/steps.cjs";
import { pathToFileURL } from "node:url";
const [script] = process.argv.slice(2);
const port = await freePort();
const folder = mkdtempSync(join(tmpdir(), "dermagraph-look-"));
const server = startServer(port, { DERMAGRAPH_DATA: folder, DERMAGRAPH_DEMO: "1" }, "ignore");
const url = `http://127.0.0.1:${port}`;
await answers(url, 60);
const browser = await chromium.launch(CHROMIUM);
const open = async (theme, width, height) => {
  const context = await browser.newContext({ viewport: { width, height }, reducedMotion: "reduce" });
  await context.addCookies([{ name: "theme", value: theme, url }]);
  return context.newPage();
};
try { await (await import(pathToFileURL(script))).default({ open, url }); } catch (e) { console.log(e); }
await browser.close();
server.kill();
process.exit(0);
