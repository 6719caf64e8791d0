// npm run licences: writes docs/licences.md, every production dependency with its licence; `--check` fails where one is not allowed or the page is old.
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./steps.cjs";

const PAGE = join(ROOT, "docs", "licences.md");

const ALLOWED = [
  "MIT",
  "ISC",
  "BSD-2-Clause",
  "BSD-3-Clause",
  "Apache-2.0",
  "0BSD",
  "BlueOak-1.0.0",
  "CC0-1.0",
  "Unlicense",
];
/** Where used unchanged, as separate files. */
const SEPARATE = ["MPL-2.0", "LGPL-3.0-or-later", "LGPL-3.0"];
/** For data, and for fonts. */
const DATA = ["CC-BY-4.0"];
const FONTS = ["OFL-1.1"];
const FONT_PACKAGES = /^@fontsource|^@expo-google-fonts\//;

/** @returns {boolean} whether a licence expression (SPDX) can be kept to with what is allowed */
export function isAllowed(licence, name) {
  const plain = licence.replace(/^\(|\)$/g, "");
  if (/ OR /.test(plain)) return plain.split(" OR ").some((part) => isAllowed(part, name));
  if (/ AND /.test(plain)) return plain.split(" AND ").every((part) => isAllowed(part, name));
  if (FONTS.includes(plain)) return FONT_PACKAGES.test(name);
  return [...ALLOWED, ...SEPARATE, ...DATA].includes(plain);
}

/** The words of a licence, where a package names none: their own first lines tell. */
function licenceOf(folder, manifest) {
  const named = manifest.license ?? manifest.licenses?.[0]?.type;
  if (typeof named === "string" && !/^SEE LICENSE/i.test(named)) return named;
  const file = ["LICENSE", "LICENSE.md", "license"]
    .map((name) => join(folder, name))
    .find(existsSync);
  return file && /MIT License/i.test(readFileSync(file, "utf8")) ? "MIT" : (named ?? "none");
}

const lock = JSON.parse(readFileSync(join(ROOT, "package-lock.json"), "utf8"));
const rows = Object.entries(lock.packages)
  .filter(([path, entry]) => path !== "" && !entry.dev && !entry.devOptional)
  .map(([path, entry]) => {
    const folder = join(ROOT, path);
    const manifest = join(folder, "package.json");
    const name = path.slice(path.lastIndexOf("node_modules/") + "node_modules/".length);
    // What is for another system is not installed here: the lock file names its licence.
    const licence = existsSync(manifest)
      ? licenceOf(folder, JSON.parse(readFileSync(manifest, "utf8")))
      : (entry.license ?? "none");
    return {
      name,
      version: entry.version,
      licence,
      direct: name in lock.packages[""].dependencies,
    };
  })
  .sort((a, b) => a.name.localeCompare(b.name, "en") || a.version.localeCompare(b.version, "en"))
  .filter(
    (row, i, all) => i === 0 || row.name !== all[i - 1].name || row.version !== all[i - 1].version,
  );

const refused = rows.filter(({ licence, name }) => !isAllowed(licence, name));
for (const { name, version, licence } of refused)
  console.error(`${name} ${version}: ${licence} is not on the list of allowed licences`);

const page = `# Licences

Every package that ships with Dermagraph, with its licence; those it asks for itself in bold. Made by \`npm run licences\`.
Allowed: ${ALLOWED.join(", ")}; ${DATA.join(", ")} for data; ${FONTS.join(", ")} for fonts; ${SEPARATE.join(", ")} where used
unchanged as separate files.

| package | version | licence |
| --- | --- | --- |
${rows
  .map(
    ({ name, version, licence, direct }) =>
      `| ${direct ? `**${name}**` : name} | ${version} | ${licence} |`,
  )
  .join("\n")}

Inside @vladmandic/human, as its package ships them: TensorFlow.js (Apache-2.0) and the face detector, face mesh and iris models of
MediaPipe (Apache-2.0; both from memory, the package itself says MIT). Only its script and these three models are copied to what is served.
`;
const isOld = !existsSync(PAGE) || readFileSync(PAGE, "utf8") !== page;
if (process.argv.includes("--check")) {
  if (isOld) console.error("docs/licences.md is not what package-lock.json says: npm run licences");
} else writeFileSync(PAGE, page);
console.log(`${rows.length} packages, ${refused.length} refused`);
process.exit(refused.length || (isOld && process.argv.includes("--check")) ? 1 : 0);
