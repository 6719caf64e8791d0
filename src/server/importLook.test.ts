import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { LOOK_FILE_VERSION } from "@/core/formats";
import { newMark } from "@/core/look";
import { aLayer, aLook, product } from "@/core/testing";
import { partOf } from "@/store";
import { loadDemoWhenEmpty } from "./demo";
import { Problem } from "./problem";
import { studio } from "./studio";
import { importLook, template } from "./templates";

process.env.DERMAGRAPH_DATA = mkdtempSync(join(tmpdir(), "dermagraph-import-"));
beforeAll(async () => {
  await loadDemoWhenEmpty();
});

const star = newMark("star", { x: 0, y: 34 }, 1);
const layer = aLayer({
  id: "lines",
  role: "detail",
  paint: product("line-white"),
  tool: "linerBrush",
  marks: [star],
});
const good = {
  format: "dermagraph look",
  version: LOOK_FILE_VERSION,
  look: aLook(layer),
  products: [],
};
const text = JSON.stringify(good);
const withLook = (more: object) => ({ ...good, look: { ...good.look, ...more } });
const withLayer = (more: object) => withLook({ layers: [{ ...layer, ...more }] });
const withMark = (more: object) => withLayer({ marks: [{ ...star, ...more }] });

/** Forty files that no studio should take, and what the refusal speaks of. */
const HOSTILE: readonly (readonly [
  what: string,
  file: string | Uint8Array | object,
  why: RegExp,
])[] = [
  ["nothing", "", /JSON/],
  ["cut off at half", text.slice(0, text.length / 2), /JSON/],
  ["cut off before its last brace", text.slice(0, -1), /JSON/],
  ["two files in one", text + text, /JSON/],
  [
    "bytes of a picture",
    new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 255, 254]),
    /JSON/,
  ],
  ["a zip", new Uint8Array([0x50, 0x4b, 3, 4, 0, 0, 0, 0]), /JSON/],
  ["zeros", new Uint8Array(64), /JSON/],
  ["a list", "[]", /format/],
  ["null", "null", /format/],
  ["a number", "1e999", /JSON|format/],
  ["a word", '"look"', /format/],
  ["a page of markup", "<html><script>alert(1)</script></html>", /JSON/],
  ["another format", { ...good, format: "recipe" }, /format/],
  ["a newer version", { ...good, version: LOOK_FILE_VERSION + 1 }, /newer/],
  ["a version in words", { ...good, version: "one" }, /version/],
  ["a version below", { ...good, version: -3 }, /version/],
  ["no look", { ...good, look: undefined }, /look/],
  ["a look of no schema", withLook({ schema: 9 }), /schema/],
  ["no name", withLook({ name: "   " }), /name/],
  ["a name without end", withLook({ name: "x".repeat(5000) }), /name/],
  ["a stranger's field", withLook({ owner: "me" }), /owner|look/],
  [
    "a prototype",
    `{"format":"dermagraph look","version":1,"look":{"__proto__":{"admin":true},"schema":1},"products":[]}`,
    /look/,
  ],
  [
    "eighty-one layers",
    withLook({ layers: Array.from({ length: 81 }, (_, i) => ({ ...layer, id: `l${i}` })) }),
    /layers/,
  ],
  ["two layers of one id", withLook({ layers: [layer, layer] }), /layers/],
  ["a script as id", withLayer({ id: "<script>" }), /id/],
  ["a path as id", withLayer({ id: "../../studio" }), /id/],
  ["an unknown role", withLayer({ role: "conjuring" }), /role/],
  ["an unknown zone", withLayer({ zones: ["tail"] }), /zones/],
  [
    "a zone a thousand times",
    withLayer({ zones: Array.from({ length: 1000 }, () => "chin") }),
    /zones/,
  ],
  ["an unknown tool", withLayer({ tool: "trowel" }), /tool/],
  ["half a coat", withLayer({ coats: 1.5 }), /coats/],
  ["a million coats", withLayer({ coats: 1e6 }), /coats/],
  ["an address as colour", withLayer({ target: "url(javascript:alert(1))" }), /target/],
  ["paint of nothing", withLayer({ paint: { kind: "mix", parts: [] } }), /paint/],
  ["an unknown motif", withMark({ kind: "sigil" }), /marks/],
  ["a mark beyond the body", withMark({ x: 1e308 }), /marks/],
  ["a mark without a number", text.replace('"x":0', '"x":NaN'), /JSON/],
  ["a star of a kilometre", withMark({ diameterMm: 1e6 }), /marks/],
  [
    "markup as lettering",
    withLayer({ marks: [{ ...newMark("lettering", { x: 0, y: 0 }, 1), text: "<svg onload=x>" }] }),
    /marks/,
  ],
  [
    "a hundred marks in a layer",
    withLayer({ marks: Array.from({ length: 100 }, () => star) }),
    /marks/,
  ],
];

const shelf = async () => JSON.stringify(await partOf(await studio(), "looks"));
const bytesOf = (file: string | Uint8Array | object) =>
  file instanceof Uint8Array
    ? file
    : new TextEncoder().encode(typeof file === "string" ? file : JSON.stringify(file));

describe("look files that come from outside", () => {
  it("are forty", () => {
    expect(HOSTILE).toHaveLength(40);
  });

  it.each(HOSTILE)("%s: refused with the reason, nothing changed", async (_, file, why) => {
    const before = await shelf();
    const refused: unknown = await importLook(bytesOf(file)).catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(Problem);
    if (!(refused instanceof Problem)) return;
    expect(refused.document.status).toBe(400);
    expect(refused.document.errors?.length).toBeGreaterThan(0);
    expect(
      refused.document.errors?.map(({ field, message }) => `${field}: ${message}`).join("; "),
    ).toMatch(why);
    expect(await shelf()).toBe(before);
  });

  it("are refused when they are too large, before they are read", async () => {
    await expect(importLook(new Uint8Array(2_000_001))).rejects.toBeInstanceOf(Problem);
  });

  it("may hold markup as words: it stays words in every sheet we draw", async () => {
    const nasty = `<script>alert(1)</script>&"'`;
    const { lookId } = await importLook(
      bytesOf(
        withLook({
          name: nasty,
          notes: nasty,
          layers: [{ ...layer, name: nasty, notes: nasty, zones: ["forehead"] }],
        }),
      ),
    );
    for (const kind of ["chart", "blank", "stencil", "body"]) {
      const { body } = await template(lookId, { kind, format: "svg" });
      expect(String(body)).not.toContain("<script");
      if (kind !== "blank") expect(String(body)).toContain("&lt;script&gt;alert(1)&lt;/script&gt;");
    }
  });
});
