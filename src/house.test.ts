import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { STUDIO_PARTS } from "@/core/formats";
import { CHECKS, MARK_KINDS } from "@/core/look";
import { AUXILIARY_KEYS, PAINT_TYPE_KEYS } from "@/core/paint";
import { RULE_IDS } from "@/core/rules";
import { MIGRATIONS } from "@/store/migrations";
import { numbersMarkdown } from "../tests/numbers/table";

// What CONTRIBUTING.md says of adding things: for each kind of addition, what is written in a file is also in
// its registry, and the other way round. A line forgotten fails here, or does not compile.

const SRC = __dirname;
const within = (...path: string[]) => join(SRC, ...path);
const text = (...path: string[]) => readFileSync(within(...path), "utf8");
const entries = (...path: string[]) => readdirSync(within(...path), { withFileTypes: true });
const filesIn = (...path: string[]) =>
  entries(...path)
    .filter((entry) => entry.isFile() && /^(?!.*\.test\.).*\.ts$/.test(entry.name))
    .map(({ name }) => name.replace(/\.ts$/, ""))
    .filter((name) => name !== "index");

/** The JSON routes of a handler's file: method and address, schema and use case. */
function jsonRoutesOf(file: string): string[] {
  const address = `/${file.replace(/^app\//, "").replace(/\/route\.ts$/, "")}`;
  return [
    ...text(file).matchAll(
      /export const (\w+) = jsonRoute\(\s*(\w+),\s*(?:\([^=]*\) =>\s*)?(\w+)/g,
    ),
  ].map(
    ([, method, schema, act]) => `"${method} ${address}": Json<typeof ${schema}, typeof ${act}>;`,
  );
}

describe("adding", () => {
  it("a route that takes JSON: its handler, and its line with schema and use case in server/routes.ts", () => {
    const files = readdirSync(within("app", "api"), { recursive: true, encoding: "utf8" })
      .filter((name) => name.endsWith("route.ts"))
      .map((name) => join("app", "api", name));
    const handled = files.flatMap(jsonRoutesOf);
    const listed = [...text("server", "routes.ts").matchAll(/^ {2}("[A-Z]+ [^;]+;)$/gm)].map(
      ([, line]) => line,
    );
    expect(handled.length).toBeGreaterThan(35);
    expect(listed.sort()).toEqual(handled.sort());
    expect(files.flatMap((file) => text(file).match(/= jsonRoute\(/g) ?? [])).toHaveLength(
      handled.length,
    );
  });
  it("a shape: its folder, and its line in core/shapes/registry.ts", () => {
    const folders = entries("core", "shapes")
      .filter((entry) => entry.isDirectory())
      .map(({ name }) => name);
    // A part of an area is made, never added.
    expect([...MARK_KINDS, "area"].sort()).toEqual(folders.sort());
  });
  it("a paint type or an auxiliary: its file, and its line", () => {
    expect([...PAINT_TYPE_KEYS].sort()).toEqual(filesIn("core", "paint", "types").sort());
    expect([...AUXILIARY_KEYS, "plain"].sort()).toEqual(
      filesIn("core", "paint", "auxiliaries").sort(),
    );
  });
  it("a check: its function, and its line with the rules it names in core/checks/checkLook.ts", () => {
    const written = filesIn("core", "checks").flatMap((file) =>
      [
        ...text("core", "checks", `${file}.ts`).matchAll(
          /^export (?:function (\w+)\([^)]*: Stack\): Remark\[\]|const (\w+) = \([^)]*: Stack\): Remark\[\])/gm,
        ),
      ].map(([, declared, held]) => declared ?? held),
    );
    expect(written.length).toBeGreaterThan(50);
    expect(CHECKS.map(({ run }) => run.name).sort()).toEqual([...new Set(written)].sort());
  });
  it("a rule: its entry, and whatever names it; no check names none", () => {
    for (const { rules } of CHECKS) {
      expect(rules.length).toBeGreaterThan(0);
      for (const id of rules) expect(RULE_IDS).toContain(id);
    }
  });
  it("a migration: its file, and its line, by its number", () => {
    expect(Object.keys(MIGRATIONS)).toEqual(filesIn("store", "migrations").sort());
  });
  it("a place of the rail or a chapter: its line, and its page at that address", () => {
    const places = [...text("features", "shell", "places.ts").matchAll(/href: "([^"]+)"/g)];
    const chapters = [
      ...text("shared", "workspace", "chapterNotes.ts").matchAll(/\{ key: "(\w+)", label: /g),
    ];
    expect(places.length).toBeGreaterThan(5);
    expect(chapters.length).toBeGreaterThan(8);
    for (const [, href = ""] of places)
      expect([href, existsSync(within("app", ...href.split("/"), "page.tsx"))]).toEqual([
        href,
        true,
      ]);
    for (const [, key = ""] of chapters) {
      const page =
        key === "chair"
          ? ["app", "chair", "[lookId]", "[jobId]", "page.tsx"]
          : ["app", "looks", "[lookId]", "[jobId]", key, "page.tsx"];
      expect([key, existsSync(within(...page))]).toEqual([key, true]);
    }
  });
  it("a table: its entry in the schema, its place in the ZIP or a reason, and its count before a restore", () => {
    const tables = [...text("store", "schema.ts").matchAll(/^ {2}(\w+): (?:Versioned|\{)/gm)].map(
      ([, name]) => name ?? "",
    );
    expect(tables.length).toBeGreaterThan(14);
    // Derived by triggers from the looks: neither counted nor handed on.
    const own = tables.filter((name) => !["look_use", "look_tag"].includes(name));
    const counted = text("store", "backup.ts");
    for (const name of own) expect([name, counted.includes(`"${name}"`)]).toEqual([name, true]);
    const content = text("store", "content.ts");
    for (const name of own)
      expect([name, content.includes(`selectFrom("${name}")`)]).toEqual([name, true]);
    expect(STUDIO_PARTS).toHaveLength(own.length);
  });
});

describe("docs/numbers.md", () => {
  it("is as the code has it: npm run numbers writes it", () => {
    expect(readFileSync(join(SRC, "..", "docs", "numbers.md"), "utf8")).toBe(numbersMarkdown());
  });
});
