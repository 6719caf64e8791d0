import { startServer, freePort, answers, CHROMIUM } from "./scripts/steps.cjs";
import { chromium } from "playwright-core";
import { mkdtempSync } from "node:fs";
const port = await freePort();
const s = startServer(port, { DERMAGRAPH_DATA: mkdtempSync("/tmp/dg"), DERMAGRAPH_DEMO: "1" }, "ignore");
const url = `http://127.0.0.1:${port}`;
await answers(url, 60);
const b = await chromium.launch(CHROMIUM);
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
p.on("pageerror", e => console.log("ERR", e.message));
await p.goto(url + "/looks/first-frost/frost-reservoir/map"); 
await p.getByRole("button",{name:"Turn by hand"}).click();
await p.getByRole("button",{name:"Whole person"}).click();
await p.waitForSelector("canvas[data-settled=true]"); await p.waitForTimeout(800);
await p.screenshot({path:"/tmp/w/t1.png"});
const fig = p.locator("section[aria-label=Figure] canvas");
for (const [n,l] of [["Look from: their left profile","t2"],["Look from: from behind","t3"]]) { await p.getByRole("group",{name:"Look from"}).getByRole("button",{name:n,exact:true}).click(); await p.waitForTimeout(900); await fig.screenshot({path:`/tmp/w/${l}.png`}); }
await p.goto(url+"/looks"); await p.waitForLoadState("networkidle"); await p.getByRole("button",{name:"Turn Drought by hand"}).click(); await p.waitForSelector("dialog canvas[data-settled=true]"); await p.getByRole("button",{name:"Whole person"}).click(); await p.waitForTimeout(1500); await p.screenshot({path:"/tmp/w/t3.png"}); await b.close(); s.kill(); process.exit(0);
