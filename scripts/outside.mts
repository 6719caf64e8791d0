// npm run outside: real programs read what Dermagraph writes, and what they write is read. Needs LibreOffice Calc, unzip and poppler (apt-get install
// libreoffice-calc unzip poppler-utils); says what is missing and fails then. `--fixtures` keeps what LibreOffice saved as the unit tests' fixtures.
import { execFileSync, spawnSync } from "node:child_process";
import { copyFileSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { isDeepStrictEqual } from "node:util";
import Papa from "papaparse";
import { DIALECTS, formatKitCsv, readKitCsv, type Dialect, type KitRow } from "../src/core/formats";
import { ProductSchema } from "../src/core/paint";
import { DEMO_PRODUCTS } from "../src/demo";
import { answers, build, freePort, startServer } from "./steps.cjs";

const missing = ["soffice", "unzip", "pdftotext"].filter(
  (program) => spawnSync("which", [program]).status !== 0,
);
if (missing.length) {
  console.error(`not installed: ${missing.join(", ")}`);
  process.exit(1);
}
const folder = mkdtempSync(join(tmpdir(), "dermagraph-outside-"));
const file = (...parts: string[]) => join(folder, ...parts);
let failed = 0;
const say = (what: string, good: boolean, told: string) => {
  console.log(`${good ? "ok  " : "FAIL"} ${what}: ${told}`);
  if (!good) failed++;
};

/** Calc opens a table and saves it again. Tokens of its filter: separator, quote, UTF-8 (76), first line, -, language, quote all text, detect numbers / save as shown. */
function calc(
  from: string,
  to: string,
  o: {
    read: readonly [separator: number, language: number];
    write: readonly [separator: number, language: number, quoteAll: boolean];
    german: boolean;
  },
): void {
  const profile = file(o.german ? "german" : "english");
  mkdirSync(join(profile, "user"), { recursive: true });
  writeFileSync(
    join(profile, "user", "registrymodifications.xcu"),
    `<?xml version="1.0" encoding="UTF-8"?><oor:items xmlns:oor="http://openoffice.org/2001/registry" xmlns:xs="http://www.w3.org/2001/XMLSchema" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance"><item oor:path="/org.openoffice.Setup/L10N"><prop oor:name="ooSetupSystemLocale" oor:op="fuse"><value>${o.german ? "de-DE" : "en-US"}</value></prop></item></oor:items>`,
  );
  execFileSync(
    "soffice",
    [
      `-env:UserInstallation=file://${profile}`,
      "--headless",
      `--infilter=Text - txt - csv (StarCalc):${o.read[0]},34,76,1,,${o.read[1]},false,true`,
      "--convert-to",
      `csv:Text - txt - csv (StarCalc):${o.write[0]},34,76,1,,${o.write[1]},${o.write[2]},true,true`,
      "--outdir",
      file(to),
      file(from),
    ],
    { stdio: "ignore", timeout: 120_000 },
  );
}

const rows = DEMO_PRODUCTS("2026-06-01").map(({ fields, grams }): KitRow => ({
  fields: ProductSchema.parse(fields),
  left: grams,
}));
const [ENGLISH, GERMAN] = [1033, 1031];
for (const dialect of Object.keys(DIALECTS) as Dialect[]) {
  writeFileSync(file(`${dialect}.csv`), formatKitCsv(rows, dialect));
  calc(`${dialect}.csv`, `read-${dialect}`, {
    read: [DIALECTS[dialect].delimiter.charCodeAt(0), dialect === "comma" ? ENGLISH : GERMAN],
    write: [44, ENGLISH, false],
    german: false,
  });
  const cells = (text: string) =>
    Papa.parse<string[]>(text.replace(/^\ufeff/, ""), { skipEmptyLines: true }).data;
  const [theirs, ours] = [
    cells(readFileSync(file(`read-${dialect}`, `${dialect}.csv`), "utf8")),
    cells(formatKitCsv(rows, "comma")),
  ];
  say(
    `our table, ${DIALECTS[dialect].label}, in LibreOffice`,
    isDeepStrictEqual(theirs, ours),
    `${theirs.length} lines of ${theirs[0]?.length ?? 0} cells, values equal`,
  );
}
calc("comma.csv", "saved-comma", {
  read: [44, ENGLISH],
  write: [44, ENGLISH, false],
  german: false,
});
calc("comma.csv", "saved-german", { read: [44, ENGLISH], write: [59, GERMAN, true], german: true });
for (const name of ["saved-comma", "saved-german"]) {
  const read = readKitCsv(readFileSync(file(name, "comma.csv"), "utf8"));
  say(
    `a table saved by LibreOffice, ${name}`,
    !("why" in read) &&
      read.rejected.length === 0 &&
      isDeepStrictEqual(
        read.rows.map(({ fields, left }) => ({ fields, left })),
        rows,
      ),
    "why" in read ? read.why : `${read.rows.length} rows read, ${read.rejected.length} refused`,
  );
}
if (process.argv.includes("--fixtures"))
  for (const [from, to] of [
    ["saved-comma", "libreoffice-comma"],
    ["saved-german", "libreoffice-german"],
  ] as const)
    copyFileSync(file(from, "comma.csv"), join("src", "core", "formats", "fixtures", `${to}.csv`));

if (!build()) process.exit(1);
const port = await freePort();
const server = startServer(
  port,
  { DERMAGRAPH_DATA: file("studio"), DERMAGRAPH_DEMO: "1" },
  "ignore",
);
try {
  if (!(await answers(`http://127.0.0.1:${port}`, 60))) throw new Error("the server did not start");
  const fetched = async (path: string, name: string) => {
    writeFileSync(
      file(name),
      Buffer.from(await (await fetch(`http://127.0.0.1:${port}${path}`)).arrayBuffer()),
    );
    return file(name);
  };
  const zip = await fetched("/api/exchange/studio", "studio.zip");
  const tested = spawnSync("unzip", ["-t", zip], { encoding: "utf8" });
  say("the studio in unzip", tested.status === 0, tested.stdout.trim().split("\n").at(-1) ?? "");
  const kit = readKitCsv(execFileSync("unzip", ["-p", zip, "kit.csv"], { encoding: "utf8" }));
  say(
    "its kit.csv, taken out by unzip",
    !("why" in kit) && kit.rows.length === rows.length,
    "why" in kit ? kit.why : `${kit.rows.length} rows`,
  );
  const text = (path: string) =>
    execFileSync("pdftotext", ["-layout", path, "-"], { encoding: "utf8" });
  const labels = text(await fetched("/api/palettes/quarry-palette/labels", "labels.pdf"));
  say(
    "labels of a palette in pdftotext",
    ["Ochre ground", "Rust line", "glycerine water", "100 mm"].every((words) =>
      labels.includes(words),
    ),
    `${labels.split(/\s+/).length} words`,
  );
  const size =
    execFileSync("pdfinfo", [file("labels.pdf")], { encoding: "utf8" }).match(
      /Page size:.*/,
    )?.[0] ?? "";
  say("its paper in pdfinfo", /595\.\d+ x 841\.\d+ pts \(A4\)/.test(size), size);
  const sheet = text(
    await fetched("/api/looks/sundog/ingredients?job=sundog-hillside", "sheet.pdf"),
  );
  say(
    "the ingredient sheet in pdftotext",
    sheet.includes("carmine") && sheet.includes("Ilse Marrow"),
    `${sheet.split(/\s+/).length} words`,
  );
} finally {
  server.kill();
}
rmSync(folder, { recursive: true, force: true });
console.log(failed ? `${failed} failed` : "all of them do");
process.exit(failed ? 1 : 0);
