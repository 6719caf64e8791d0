import fc from "fast-check";
import { boundingBox, distance, type Point } from "../anatomy";
import {
  MarkSchema,
  MARK_KINDS,
  newMark,
  placedStrokes,
  predict,
  zonesOfMarks,
  LookSchema,
} from "../look";
import { aContext, aLayer, aLook, product } from "../testing";
import {
  faceSheet,
  LOOK_FILE_VERSION,
  lookFileJsonSchema,
  onSheetOf,
  PAPER_KEYS,
  PAPERS,
  readLookFile,
  RULER_MM,
  sheetSvg,
  SHEET_KINDS,
  type FaceSheetKind,
  type SheetKind,
} from ".";

const context = aContext();
const star = MarkSchema.parse({ kind: "star", x: 12, y: 34, diameterMm: 30, tips: 5 });
const look = aLook(
  aLayer({ id: "base", zones: ["forehead", "chin"] }),
  aLayer({
    id: "star",
    role: "detail",
    paint: product("line"),
    tool: "linerBrush",
    marks: [star],
    zones: zonesOfMarks([star], context.figure),
  }),
);
const sheet = (kind: FaceSheetKind, paper: (typeof PAPER_KEYS)[number] = "a4") =>
  faceSheet({ kind, paper, look, context, prediction: predict(look, context) });

/** Points of every path of an SVG by its data-name, in the SVG's own numbers. */
function pathsOf(svg: string, name: string): Point[][] {
  return [...svg.matchAll(/<path d="([^"]+)"[^>]*?data-name="([^"]+)"/g)]
    .filter(([, , own]) => own === name)
    .map(([, d = ""]) =>
      [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({
        x: Number(x),
        y: Number(y),
      })),
    );
}

describe("templates at 1:1", () => {
  it.each(PAPER_KEYS)(
    "on %s: the SVG's own numbers are the design's millimetres within 0.2",
    (paper) => {
      const svg = sheetSvg([sheet("stencil", paper)]);
      const { widthMm, heightMm } = PAPERS[paper];
      expect(svg).toContain(
        `width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}"`,
      );
      const [ruler] = pathsOf(svg, "ruler");
      expect(ruler?.[0] && ruler[1] && distance(ruler[0], ruler[1])).toBeCloseTo(RULER_MM, 6);
      const [outline] = pathsOf(svg, "star");
      const place = onSheetOf(context.figure, widthMm);
      const wanted = placedStrokes(star)[0]?.points.map(place) ?? [];
      expect(outline).toHaveLength(wanted.length);
      outline?.forEach((p, i) => expect(distance(p, wanted[i] ?? p)).toBeLessThan(0.2));
      const box = boundingBox(outline ?? []);
      expect(box.top - box.bottom).toBeCloseTo(15 + 15 * Math.cos(Math.PI / 5), 1);
      for (const name of ["pupilLeft", "sellion", "menton"] as const) {
        const [cross] = pathsOf(svg, `cross ${name}`);
        const at = place(context.figure.landmarks[name]);
        expect(
          cross?.[0] &&
            cross[1] &&
            distance({ x: (cross[0].x + cross[1].x) / 2, y: cross[0].y }, at),
        ).toBeLessThan(0.2);
      }
    },
  );
  it("keep every shape on the sheet, for every kind and paper", () => {
    for (const kind of (Object.keys(SHEET_KINDS) as SheetKind[]).filter(
      (key): key is FaceSheetKind => key !== "body",
    ))
      for (const paper of PAPER_KEYS) {
        const { shapes, texts, widthMm, heightMm } = sheet(kind, paper);
        for (const { points } of shapes)
          for (const p of points)
            expect(p.x >= 0 && p.x <= widthMm && p.y >= 0 && p.y <= heightMm).toBe(true);
        for (const { x, y } of texts)
          expect(x >= 0 && x < widthMm && y > 0 && y < heightMm).toBe(true);
      }
  });
  it("a part of an area has its edges on the stencil, where a ruler finds them within 0.2 mm", () => {
    const { polygon } = context.figure.zone("forehead");
    const [low, high] = [boundingBox(polygon).bottom + 10, boundingBox(polygon).bottom + 25];
    const strip = aLook(
      aLayer({
        id: "band",
        zones: ["forehead"],
        part: { kind: "strip", turnDeg: 90, fromMm: low, toMm: high },
      }),
    );
    const prediction = predict(strip, context);
    const parts = faceSheet({ kind: "stencil", paper: "a4", look: strip, context, prediction })
      .shapes.filter(({ name }) => name === "part")
      .flatMap(({ points }) => points);
    const ys = parts.map(({ y }) => y);
    expect(Math.abs(Math.max(...ys) - Math.min(...ys) - 15)).toBeLessThan(0.2);
    const onSheet = onSheetOf(context.figure, PAPERS.a4.widthMm);
    expect(Math.abs(Math.max(...ys) - onSheet({ x: 0, y: low }).y)).toBeLessThan(0.2);
  });
  it("a blank chart has the face and no design; a chart has the predicted colours; a stencil none", () => {
    expect(sheetSvg([sheet("blank")])).not.toContain('data-name="star"');
    expect(sheet("chart").shapes.filter(({ fill }) => fill).length).toBeGreaterThan(2);
    expect(sheet("stencil").shapes.every(({ fill }) => fill === null)).toBe(true);
  });
  it("write what a name may hold without breaking the file", () => {
    const odd = faceSheet({
      kind: "stencil",
      paper: "a4",
      look: { ...look, name: 'Frost & "ice" <b>' },
      context,
      prediction: predict(look, context),
    });
    expect(sheetSvg([odd])).toContain("Frost &amp; &quot;ice&quot; &lt;b&gt;");
  });
});

describe("look files", () => {
  const file = (design: unknown = look, more: object = {}) =>
    JSON.stringify({
      format: "dermagraph look",
      version: LOOK_FILE_VERSION,
      look: design,
      products: [{ id: "line", name: "line", maker: "", material: "waterWax", colour: "#141417" }],
      ...more,
    });
  it("read back what was written, with any marks", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            kind: fc.constantFrom(...MARK_KINDS),
            x: fc.integer({ min: -60, max: 60 }),
            y: fc.integer({ min: -100, max: 60 }),
            seed: fc.nat(999),
          }),
          { maxLength: 5 },
        ),
        (drawn) => {
          const design = LookSchema.parse({
            ...look,
            layers: [
              aLayer({
                id: "m",
                role: "detail",
                marks: drawn.map(({ kind, x, y, seed }) => newMark(kind, { x, y }, seed)),
              }),
            ],
          });
          const read = readLookFile(file(design));
          expect(read.ok && read.file.look).toEqual(design);
        },
      ),
      { numRuns: 60 },
    );
  });
  it("are refused with the reason: no JSON, another format, a newer version, a wrong field; a byte-order mark is no reason", () => {
    const why = (text: string) => {
      const read = readLookFile(text);
      return read.ok ? "ok" : `${read.refused[0]?.field}: ${read.refused[0]?.message}`;
    };
    expect(why("{")).toBe("file: is not JSON");
    expect(why('{"format":"a recipe"}')).toMatch(/format: is not a look/);
    expect(why(file(look, { version: 7 }))).toMatch(
      /version: was written by a newer Dermagraph \(version 7; this one reads 5\)/,
    );
    expect(why(file({ ...look, name: "" }))).toBe("look.name: give the look a name");
    expect(why(`\uFEFF${file()}`)).toBe("ok");
  });
  it("never crash on a mutated file, and are taken whole or not at all (2,000 mutations)", () => {
    const text = file();
    fc.assert(
      fc.property(
        fc.nat(text.length - 1),
        fc.nat(6),
        fc.string({ maxLength: 4 }),
        (at, cut, put) => {
          const read = readLookFile(text.slice(0, at) + put + text.slice(at + cut));
          expect(
            read.ok ? LookSchema.safeParse(read.file.look).success : read.refused.length > 0,
          ).toBe(true);
        },
      ),
      { numRuns: 2000 },
    );
  });
  it("of version 1 are read as they were: all of each area, no form, light from above", () => {
    const { light: _light, ...rest } = look;
    const old = {
      ...rest,
      layers: look.layers.map(({ part: _part, form: _form, fadeMm: _fade, ...layer }) => layer),
    };
    const read = readLookFile(file(old, { version: 1 }));
    expect(read.ok && read.file.look).toEqual(look);
  });
  it("have a published JSON Schema that names every field of a layer", () => {
    const text = JSON.stringify(lookFileJsonSchema());
    for (const name of ["layers", "marks", "zones", "diameterMm", "outsetMm", "target", "coats"])
      expect(text).toContain(`"${name}"`);
    expect(text).toContain('"$id":"urn:dermagraph:look-file:5"');
  });
});
