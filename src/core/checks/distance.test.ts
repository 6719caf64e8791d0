import fc from "fast-check";
import {
  borders,
  buildFigure,
  creaseLines,
  defaultFace,
  distance,
  focusWidth,
  joinPieces,
  type Point,
} from "../anatomy";
import { deltaE00, hexToLab, labFromReflectance, LAMP_KEYS } from "../colour";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  applyPatch,
  browCover,
  browCoverWords,
  checkLook,
  hexOf,
  markWidthMm,
  newMark,
  pathAlong,
  placedStrokes,
  predict,
  readEdges,
  seeEdge,
  stopsOf,
  zonesOfMarks,
  MarkSchema,
  type Layer,
  type Look,
  type LookContext,
} from "../look";
import { sameShape } from "../shapes";
import { simplified } from "../shapes/path";

const TONES = [
  ...SHELF,
  aProduct({ id: "dark", colour: "#332a2a", hiding: 0.95 }),
  aProduct({ id: "darker", colour: "#22303c", hiding: 0.95 }),
  aProduct({ id: "pale", colour: "#f3dcd4" }),
  aProduct({ id: "paler", colour: "#dfe6d2" }),
  aProduct({ id: "lineWhite", material: "waterWax", colour: "#f7f6f1", hiding: 0.9 }),
  aProduct({ id: "lineSlate", material: "waterWax", colour: "#6f7882" }),
];
const far = (person = {}) =>
  aContext({ products: TONES, person, brief: { nearestM: 1, farthestM: 40 } });
const rules = (look: Look, context: LookContext, rule: string) =>
  checkLook(look, context).filter((finding) => finding.rule === rule);
const marks = (id: string, paint: string, context: LookContext, ...drawn: Layer["marks"]) =>
  aLayer({
    id,
    role: "detail",
    paint: product(paint),
    tool: "roundBrush",
    technique: "pat",
    marks: drawn,
    zones: zonesOfMarks(drawn, context.figure),
  });
const ring = (diameterMm: number, widthMm: number) =>
  MarkSchema.parse({ kind: "ring", x: 0, y: 34, diameterMm, widthMm });

describe("borders", () => {
  const figure = buildFigure(defaultFace());
  it("are shared lines of neighbours, each a side of both, and none of zones apart", () => {
    const found = borders(figure);
    const of = (a: string, b: string) =>
      found.find(
        (border) => (border.a === a && border.b === b) || (border.a === b && border.b === a),
      );
    expect(of("upperLip", "lowerLip")?.lengthMm).toBeGreaterThan(45);
    expect(of("forehead", "chin")).toBeUndefined();
    for (const { a, b, lines } of found)
      for (const line of lines)
        for (const p of line)
          for (const id of [a, b])
            expect(figure.zone(id).polygon.some((q) => distance(p, q) < 0.01)).toBe(true);
  });
  it("join pieces in any order and direction to one line", () => {
    const line: Point[] = Array.from({ length: 9 }, (_, i) => ({ x: i, y: i * i }));
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2, 3, 4, 5, 6, 7], { minLength: 8 }),
        fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }),
        (order, turned) => {
          const [joined, ...more] = joinPieces(
            order.map((i) => {
              const piece = [line[i], line[i + 1]] as Point[];
              return turned[i] ? piece.reverse() : piece;
            }),
          );
          expect(more).toEqual([]);
          expect([joined, joined?.toReversed()]).toContainEqual(line);
        },
      ),
    );
  });
});

// DIST-1, DIST-2: common practice, no published source; the eye's figures are those of core/vision.
describe("edges from the farthest seat", () => {
  it("are read between fields of two layers, and between a mark and what it lies on, but not within one", () => {
    const context = far();
    const look = aLook(
      aLayer({ id: "a", zones: ["forehead", "glabella"], paint: product("dark") }),
      aLayer({ id: "b", zones: ["templeLeft"], paint: product("white") }),
      marks("m", "lineWhite", context, ring(30, 5)),
    );
    const edges = readEdges(look, context, predict(look, context));
    const named = edges.map(({ kind, a, b }) => `${kind} ${[a.name, b.name].sort().join("|")}`);
    expect(named).toContain("border a|b");
    expect(named).toContain("border a|bare skin");
    expect(named).toContain("mark a|m");
    expect(named.filter((name) => name.startsWith("border"))).toHaveLength(
      new Set(named.filter((name) => name.startsWith("border"))).size,
    );
  });

  it("DIST-1: two dark fields merge and a lighter line along their border parts them", () => {
    const context = far();
    const look = aLook(
      aLayer({ id: "left", zones: ["cheekAppleLeft", "cheekboneLeft"], paint: product("dark") }),
      aLayer({ id: "right", zones: ["cheekHollowLeft"], paint: product("darker") }),
    );
    const [finding] = rules(look, context, "DIST-1");
    expect(finding?.message).toMatch(/merge from 40 m/);
    expect(finding?.message).toMatch(/lighter line/);
    const mended = finding?.fix ? applyPatch(look, finding.fix) : look;
    expect(rules(mended, context, "DIST-1")).toEqual([]);
    expect(stopsOf(mended, context)).toEqual([]);
    const line = mended.layers.find(({ id }) => id.startsWith("part-"));
    expect(line?.marks.every(({ kind }) => kind === "path")).toBe(true);
    // It runs along the border: every point of the drawn line is near a corner of both fields.
    const border = borders(context.figure)
      .filter(
        ({ a, b }) =>
          [a, b].includes("cheekHollowLeft") &&
          ([a, b].includes("cheekAppleLeft") || [a, b].includes("cheekboneLeft")),
      )
      .flatMap(({ lines }) => lines.flat());
    for (const stroke of line?.marks.flatMap(placedStrokes) ?? [])
      for (const p of stroke.points)
        expect(Math.min(...border.map((q) => distance(p, q)))).toBeLessThan(1.5);
  });

  it("DIST-1: a light mark on a light ground gets a darker edging under it, of the same shape", () => {
    const context = far();
    const look = aLook(
      aLayer({ id: "ground", zones: ["forehead", "glabella"], paint: product("paler") }),
      marks(
        "sun",
        "pale",
        context,
        MarkSchema.parse({ kind: "rays", x: 0, y: 34, rays: 0, diameterMm: 24, discShare: 0.9 }),
      ),
    );
    const [finding] = rules(look, context, "DIST-1");
    expect(finding?.fixLabel).toMatch(/darker line/);
    const mended = finding?.fix ? applyPatch(look, finding.fix) : look;
    expect(rules(mended, context, "DIST-1")).toEqual([]);
    const [edging, sun] = mended.layers.slice(1);
    expect(edging?.marks[0] && sun?.marks[0] && sameShape(edging.marks[0], sun.marks[0])).toBe(
      true,
    );
    expect(edging?.marks[0]?.outsetMm).toBeGreaterThan(3);
    // The mark now lies on its edging, not on what is beside both.
    const film = predict(mended, context)
      .films.get("forehead")
      ?.find((entry) => entry.layer.id === "sun");
    expect(
      film && deltaE00(labFromReflectance(film.before), labFromReflectance(film.beside)),
    ).toBeGreaterThan(10);
  });

  it("DIST-2: a line too fine for the last row is widened, or said to be another design", () => {
    const context = far();
    const wide = aLook(
      aLayer({ id: "ground", zones: ["forehead", "glabella"], paint: product("white") }),
      marks("ring", "line", context, ring(40, 4)),
    );
    const [finding] = rules(wide, context, "DIST-2");
    expect(finding?.message).toMatch(/read up to about \d+ m, not from 40 m/);
    const mended = finding?.fix ? applyPatch(wide, finding.fix) : wide;
    expect(rules(mended, context, "DIST-2")).toEqual([]);
    expect(markWidthMm(mended.layers[1]?.marks[0] ?? ring(40, 1))).toBeGreaterThan(4);
    const fine = aLook(wide.layers[0] as Layer, marks("hair", "line", context, ring(40, 0.8)));
    expect(rules(fine, context, "DIST-2")[0]?.fix).toBeUndefined();
  });

  it("say nothing where the farthest seat is near, nor of what is one colour in the mirror too", () => {
    const near = aContext({ products: TONES, brief: { nearestM: 0.5, farthestM: 0.5 } });
    const look = aLook(
      aLayer({ id: "ground", zones: ["forehead", "glabella"], paint: product("white") }),
      marks("ring", "line", near, ring(40, 2)),
    );
    expect(rules(look, near, "DIST-1").concat(rules(look, near, "DIST-2"))).toEqual([]);
    const same = aLook(
      aLayer({ id: "one", zones: ["forehead"], paint: product("dark") }),
      aLayer({ id: "two", zones: ["templeLeft"], paint: product("dark") }),
    );
    expect(rules(same, far(), "DIST-1")).toEqual([]);
  });

  it("are read between marks that run side by side, and not between marks apart", () => {
    const context = far();
    const look = aLook(
      aLayer({ id: "ground", zones: ["forehead", "glabella"], paint: product("white") }),
      marks("outer", "line", context, ring(46, 4)),
      marks("inner", "blue", context, ring(38, 4)),
      marks(
        "dot",
        "yellow",
        context,
        MarkSchema.parse({ kind: "spots", x: 0, y: 34, spreadMm: 4, count: 2 }),
      ),
    );
    const pairs = readEdges(look, context, predict(look, context))
      .filter(({ kind }) => kind === "pair")
      .map(({ a, b }) => [a.name, b.name].sort().join());
    expect(pairs).toEqual(["inner,outer"]);
  });

  it("change with the lamp: blue on grey that reads by day is lost under a red gel", () => {
    const context = aContext({
      products: [
        ...TONES,
        aProduct({ id: "sky", colour: "#7fa3c4" }),
        aProduct({ id: "rose", colour: "#d49a96" }),
      ],
    });
    const look = aLook(
      aLayer({ id: "sky", zones: ["forehead"], paint: product("sky") }),
      aLayer({ id: "rose", zones: ["templeLeft"], paint: product("rose") }),
    );
    const edge = readEdges(look, context, predict(look, context)).find(
      ({ a, b }) => [a.name, b.name].sort().join() === "rose,sky",
    );
    expect(
      edge &&
        LAMP_KEYS.map((lamp) => seeEdge(edge, { distanceM: 3, lamp }).ratio).every(Number.isFinite),
    ).toBe(true);
    expect(edge && seeEdge(edge, { distanceM: 3, lamp: "gelRed" }).ratio).not.toBeCloseTo(
      edge ? seeEdge(edge, { distanceM: 3 }).ratio : NaN,
      1,
    );
  });
});

describe("LAYER-8", () => {
  it("lays white first in the same shape, and the tint then shows", () => {
    const context = aContext({
      products: [...SHELF, aProduct({ id: "blush", colour: "#5c3624", hiding: 0.1 })],
      person: { skin: "#50331f" },
    });
    const look = aLook(
      aLayer({
        id: "tint",
        role: "detail",
        zones: ["forehead"],
        paint: product("blush"),
        tool: "roundBrush",
        technique: "stroke",
        coats: 1,
        marks: [MarkSchema.parse({ kind: "spots", x: 0, y: 34 })],
      }),
    );
    const [finding] = rules(look, context, "LAYER-8");
    expect(finding?.fixLabel).toBe("Lay white under it first");
    const mended = finding?.fix ? applyPatch(look, finding.fix) : look;
    expect(mended.layers.map(({ id }) => id)).toEqual(["white-tint", "tint"]);
    expect(rules(mended, context, "LAYER-8")).toEqual([]);
    expect(rules(mended, context, "LAYER-1")).toEqual([]);
  });
});

// BROW-3: common practice, no published source.
describe("brow cover", () => {
  const base = aLayer({
    id: "base",
    zones: ["forehead", "browLeft", "browRight"],
    paint: product("white"),
    coats: 1,
  });
  it("takes more coats the darker the brow, none for a fair one, and its patch hides it", () => {
    const coats = (brow: string) => {
      const cover = browCover(aLook(base), aContext({ person: { skin: "#e2b899", brow } }));
      return cover ? cover.corrector + cover.concealer : NaN;
    };
    expect(coats("#e0b697")).toBe(0);
    expect(coats("#17110d")).toBeGreaterThanOrEqual(coats("#a07a55"));
    expect(coats("#17110d")).toBeGreaterThan(0);
    const context = aContext({ person: { skin: "#e2b899", brow: "#17110d" } });
    const finding = rules(aLook(base), context, "BROW-3")[0];
    expect(finding?.message).toMatch(/each powdered, hide it/);
    const mended = finding?.fix ? applyPatch(aLook(base), finding.fix) : aLook(base);
    expect(rules(mended, context, "BROW-3")).toEqual([]);
    expect(rules(mended, context, "SET-1")).toEqual([]);
    expect(mended.layers.at(-1)?.id).toBe("base");
  });
  it("has nothing to say without a base over the brow, and says when nothing hides it", () => {
    expect(browCover(aLook(aLayer({ id: "chin", zones: ["chin"] })), aContext())).toBeNull();
    expect(
      browCoverWords({
        corrector: 3,
        concealer: 3,
        deltaE: 9,
        reached: false,
        corrected: "Apricot",
        concealed: "Cover",
      }),
    ).toBe(
      "3 coats of Apricot and 3 coats of Cover, each powdered, come nearest, but it still shows.",
    );
    expect(
      browCoverWords({
        corrector: 0,
        concealer: 1,
        deltaE: 1,
        reached: true,
        corrected: "Apricot",
        concealed: "Cover",
      }),
    ).toBe("1 coat of Cover, each powdered, hide it.");
  });
});

describe("the free line", () => {
  it("keeps within its tolerance of the line it simplifies, and its ends", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: -60, max: 60, noNaN: true }),
            fc.double({ min: -60, max: 60, noNaN: true }),
          ),
          { minLength: 2, maxLength: 40 },
        ),
        (list) => {
          const line = list.map(([x, y]) => ({ x, y }));
          const kept = simplified(line, 0.5);
          expect(kept[0]).toEqual(line[0]);
          expect(kept.at(-1)).toEqual(line.at(-1));
          // Written out: the nearest of many places along the kept line.
          const along = kept.slice(1).flatMap((q, n) => {
            const a = kept[n] as Point;
            return Array.from({ length: 400 }, (_, t) => ({
              x: a.x + ((q.x - a.x) * t) / 399,
              y: a.y + ((q.y - a.y) * t) / 399,
            }));
          });
          const away = (p: Point) => Math.min(...along.map((q) => distance(p, q)));
          expect(Math.max(...line.map(away))).toBeLessThanOrEqual(0.7);
        },
      ),
      { numRuns: 100 },
    );
  });
  it("lies where it was drawn once placed as a mark", () => {
    const line = Array.from({ length: 30 }, (_, i) => ({
      x: 20 + i,
      y: -40 + Math.sin(i / 4) * 6,
    }));
    const [stroke] = placedStrokes(MarkSchema.parse(pathAlong(line, 3)));
    for (const p of stroke?.points ?? [])
      expect(Math.min(...line.map((q) => distance(p, q)))).toBeLessThan(0.6);
    expect(stroke?.widthMm).toBe(3);
  });
});

it("a colour still to be matched is drawn as it is wanted", () => {
  const context = aContext();
  const look = aLook(
    aLayer({
      id: "wish",
      paint: { kind: "material", material: "waterGlycerine" },
      target: "#3377aa",
      coats: 8,
    }),
  );
  expect(
    deltaE00(
      hexToLab(
        hexOf(predict(look, context).films.get("forehead")?.at(-1)?.colour ?? new Float64Array(41)),
      ),
      hexToLab("#3377aa"),
    ),
  ).toBeLessThan(1);
  expect(newMark("ring", { x: 0, y: 0 }, 1)).toMatchObject({ kind: "ring", outsetMm: 0 });
});

// EDGE-1: common practice, no published source.
describe("creases", () => {
  const context = aContext();
  const fold = creaseLines(context.figure).find(
    ({ name, side }) => name === "foldLine" && side === "left",
  );
  it("EDGE-1: a line along the smile fold is found, and moved clear by the shortest way", () => {
    const along = aLook(
      marks("line", "line", context, MarkSchema.parse(pathAlong(fold?.points ?? [], 2))),
    );
    const [finding] = rules(along, context, "EDGE-1");
    expect(finding?.message).toMatch(/the smile fold for \d+ mm/);
    const mended = finding?.fix ? applyPatch(along, finding.fix) : along;
    expect(rules(mended, context, "EDGE-1")).toEqual([]);
    const [before, after] = [along.layers[0]?.marks[0], mended.layers[0]?.marks[0]];
    expect(before && after && distance(before, after)).toBeLessThanOrEqual(10);
  });
  it("EDGE-1: a line across it is none of its business", () => {
    const middle = fold?.points[Math.floor((fold.points.length - 1) / 2)] ?? { x: 30, y: -60 };
    const across = aLook(
      marks(
        "line",
        "line",
        context,
        MarkSchema.parse(
          pathAlong(
            [
              { x: middle.x - 15, y: middle.y },
              { x: middle.x + 15, y: middle.y },
            ],
            2,
          ),
        ),
      ),
    );
    expect(rules(across, context, "EDGE-1")).toEqual([]);
  });
  it("the focus of a face lies between the outer eye corners (EDGE-3)", () =>
    expect(focusWidth(defaultFace())).toBeCloseTo(defaultFace().exocanthionLeft.x * 2, 9));
});
