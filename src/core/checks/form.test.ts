import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  applyPatch,
  checkLook,
  followSchools,
  inSchoolOrder,
  newMark,
  placedStrokes,
  stopsOf,
  zonesOfMarks,
  type Layer,
  type Look,
  type LookContext,
  type Mark,
  middle,
} from "../look";

const context = aContext({
  products: [
    ...SHELF,
    aProduct({ id: "pureWhite", colour: "#fdfdfc" }),
    aProduct({ id: "tan", colour: "#c99a7a" }),
    aProduct({ id: "crimson", colour: "#b01030" }),
    aProduct({ id: "coal", colour: "#222222" }),
    aProduct({ id: "pearl", colour: "#e8e4da" }),
  ],
});
const mark = (kind: Mark["kind"], x: number, y: number, more: object = {}) =>
  ({ ...newMark(kind, { x, y }, 3), ...more }) as Mark;
const drawn = (...marks: Mark[]): Layer =>
  aLayer({
    id: "lines",
    role: "detail",
    zones: zonesOfMarks(marks, context.figure),
    marks,
    tool: "roundBrush",
    paint: product("coal"),
  });
const found = (look: Look, rule: string, at: LookContext = context) =>
  checkLook(look, at).filter((finding) => finding.rule === rule);

/** The rule speaks of the look, its fix silences it and adds no stop. */
function mends(rule: string, look: Look, at: LookContext = context): Look {
  const [finding] = found(look, rule, at);
  expect(finding?.message).toBeTruthy();
  if (!finding?.fix) throw new Error(`${rule} has no fix`);
  const after = applyPatch(look, finding.fix);
  expect(
    found(after, rule, at).filter((left) => left.where.layerId === finding.where.layerId),
  ).toEqual([]);
  expect(stopsOf(after, at).length).toBeLessThanOrEqual(stopsOf(look, at).length);
  return after;
}

describe("form, map and order: what geometry decides (common practice, no published source)", () => {
  it("MAP-3: one crooked star goes to the midline; one meant aside stays", () => {
    expect(mends("MAP-3", aLook(drawn(mark("star", 2.5, 34)))).layers[0]?.marks[0]?.x).toBe(0);
    for (const x of [0, 9]) expect(found(aLook(drawn(mark("star", x, 34))), "MAP-3")).toEqual([]);
    expect(found(aLook(drawn(mark("star", 3, 34, { mirrored: true }))), "MAP-3")).toEqual([]);
  });

  it("MAP-2: the fold before the brows that it moves", () => {
    const brows = {
      ...drawn(
        mark(
          "brow",
          context.figure.landmarks.superciliareLeft.x,
          context.figure.landmarks.superciliareLeft.y,
        ),
      ),
      id: "brows",
    };
    const fold = { ...drawn(mark("fold", 34, -58)), id: "fold" };
    expect(
      mends("MAP-2", aLook(aLayer({ id: "base" }), brows, fold)).layers.map(({ id }) => id),
    ).toEqual(["base", "fold", "brows"]);
    expect(found(aLook(fold, brows), "MAP-2")).toEqual([]);
  });

  it("EDGE-2: a mouth painted on the chin goes back to the mouth, a brow back to its bone, a wing to the eye", () => {
    const { landmarks } = context.figure;
    expect(
      mends("EDGE-2", aLook(drawn(mark("mouth", 0, landmarks.menton.y + 8, { spanMm: 30 }))))
        .layers[0]?.marks[0]?.y,
    ).toBeCloseTo(landmarks.stomion.y, 1);
    expect(
      mends("EDGE-2", aLook(drawn(mark("brow", 34, landmarks.superciliareLeft.y + 30)))).layers[0]
        ?.marks[0]?.y,
    ).toBeCloseTo(landmarks.superciliareLeft.y, 1);
    expect(
      found(
        aLook(drawn(mark("brow", landmarks.superciliareLeft.x, landmarks.superciliareLeft.y))),
        "EDGE-2",
      ),
    ).toEqual([]);
    // Paint that may not go near the eye is not sent there.
    const unsafe = aLook({ ...drawn(mark("wing", 40, -60)), paint: product("alcohol") });
    for (const finding of found(unsafe, "EDGE-2")) expect(finding.fix).toBeUndefined();
  });

  it("EDGE-3: a mouth from ear to ear comes between the outer eye corners", () => {
    const after = mends(
      "EDGE-3",
      aLook(drawn(mark("mouth", 0, context.figure.landmarks.stomion.y, { spanMm: 120 }))),
    );
    const xs = after.layers.flatMap(({ marks }) =>
      marks.flatMap(placedStrokes).flatMap(({ points }) => points.map(({ x }) => Math.abs(x))),
    );
    expect(Math.max(...xs)).toBeLessThanOrEqual(context.figure.landmarks.exocanthionLeft.x);
  });

  it("FORM-2 and FORM-5: a fold fades over the cheek and is never straight", () => {
    expect(
      mends("FORM-2", aLook(drawn(mark("fold", 34, -58, { fadeLeft: false })))).layers[0]?.marks[0],
    ).toMatchObject({ fadeLeft: true });
    expect(
      mends("FORM-2", aLook(drawn(mark("fold", -34, -58, { fadeLeft: true })))).layers[0]?.marks[0],
    ).toMatchObject({ fadeLeft: false });
    expect(found(aLook(drawn(mark("fold", 34, -58, { fadeLeft: true }))), "FORM-2")).toEqual([]);
    expect(
      mends("FORM-5", aLook(drawn(mark("fold", 34, -58, { bendMm: 0, lengthMm: 40 })))).layers[0]
        ?.marks[0],
    ).toMatchObject({ bendMm: 4 });
  });

  it("FORM-6: teeth and whiskers are uneven, or meant to unsettle", () => {
    expect(
      mends("FORM-6", aLook(drawn(mark("teeth", 0, -74, { uneven: 0 })))).layers[0]?.marks[0],
    ).toMatchObject({ uneven: 0.3 });
    const even = aLook(drawn(mark("whiskers", 24, -60, { mirrored: true })));
    expect(mends("FORM-6", even).layers[0]?.marks[0]).toMatchObject({ varied: true });
    const key = found(even, "FORM-6")[0]?.key ?? "";
    expect(found({ ...even, accepted: [key] }, "FORM-6")).toEqual([]);
  });

  it("FORM-1: highlights leave the hollows, contours the high points", () => {
    const veil = (role: "highlight" | "contour", zones: Layer["zones"]) =>
      aLook(aLayer({ id: role, role, zones, part: middle(0.4), edge: "faded" }));
    expect(
      mends("FORM-1", veil("highlight", ["cheekboneLeft", "cheekHollowLeft"])).layers[0]?.zones,
    ).toEqual(["cheekboneLeft"]);
    expect(
      mends("FORM-1", veil("contour", ["cheekHollowLeft", "noseBridge"])).layers[0]?.zones,
    ).toEqual(["cheekHollowLeft"]);
    expect(found(veil("highlight", ["cheekboneLeft", "noseBridge"]), "FORM-1")).toEqual([]);
  });

  it("FORM-1 goes by the look's own light: from a side the far cheek lies in shade, from below the brow bone is lit", () => {
    const veil = (role: "highlight" | "contour", zones: Layer["zones"], light: Look["light"]) => ({
      ...aLook(aLayer({ id: role, role, zones, part: middle(0.4), edge: "faded" })),
      light,
    });
    const cheeks = ["cheekAppleLeft", "cheekAppleRight"] as const;
    expect(mends("FORM-1", veil("highlight", [...cheeks], "left")).layers[0]?.zones).toEqual([
      "cheekAppleLeft",
    ]);
    expect(mends("FORM-1", veil("highlight", [...cheeks], "right")).layers[0]?.zones).toEqual([
      "cheekAppleRight",
    ]);
    expect(mends("FORM-1", veil("contour", [...cheeks], "left")).layers[0]?.zones).toEqual([
      "cheekAppleRight",
    ]);
    expect(found(veil("highlight", [...cheeks], "below"), "FORM-1")).toEqual([]);
    const low = found(veil("contour", ["browBoneLeft", "cheekHollowLeft"], "below"), "FORM-1");
    expect(low[0]?.where.zones).toEqual(["browBoneLeft"]);
    expect(low[0]?.message).toMatch(/light of this look comes from below/);
  });

  it("EDGE-4: the shade under a hat is the light's: deep from above, shallow from a side, none from footlights", () => {
    const at = (y: number, light: Look["light"]) =>
      checkLook(
        { ...aLook(drawn(mark("star", 0, y, { radiusMm: 2 }))), light },
        { ...context, brief: { ...context.brief, hatLineMm: 50 } },
      ).filter(({ rule }) => rule === "EDGE-4").length;
    const highest = (light: Look["light"]) =>
      Array.from({ length: 140 }, (_, i) => 15 + i / 4).findLast((y) => at(y, light) === 0) ?? NaN;
    const [above, left, below] = [highest("above"), highest("left"), highest("below")];
    // 4.5 mm of brim under a light as steep as 0.66 to 0.75, and 0.22 to 0.98.
    expect(below - above).toBeCloseTo(4, 0);
    expect(below - left).toBeCloseTo(1, 0);
  });

  it("BASE-2, BASE-3: a sponge is not dragged, a white face is cut 3 to 1 with the skin's own tone", () => {
    expect(
      mends("BASE-2", aLook(aLayer({ id: "base", tool: "dampSponge", technique: "stroke" })))
        .layers[0]?.technique,
    ).toBe("stipple");
    expect(
      mends("BASE-3", aLook(aLayer({ id: "base", paint: product("pureWhite") }))).layers[0]?.paint,
    ).toEqual({
      kind: "mix",
      parts: [
        { productId: "pureWhite", parts: 3 },
        { productId: "tan", parts: 1 },
      ],
    });
    expect(found(aLook(aLayer({ id: "base", paint: product("pearl") })), "BASE-3")).toEqual([]);
  });

  it("BASE-6: lips of a strong colour are left out of the base; pale ones need not be", () => {
    const lips = (paint: string) =>
      aLayer({
        id: "lips",
        role: "detail",
        zones: ["upperLip", "lowerLip"],
        paint: product(paint),
        tool: "roundBrush",
      });
    const base = aLayer({
      id: "base",
      zones: ["chin", "upperLip", "lowerLip"],
      paint: product("pearl"),
    });
    expect(mends("BASE-6", aLook(base, lips("crimson"))).layers[0]?.zones).toEqual(["chin"]);
    expect(found(aLook(base, lips("pearl")), "BASE-6")).toEqual([]);
  });

  it("ORDER-4: lips after the last base or shade on the face", () => {
    const lips = aLayer({
      id: "lips",
      role: "detail",
      zones: ["upperLip", "lowerLip"],
      tool: "roundBrush",
    });
    const shade = aLayer({ id: "shade", role: "shade", zones: ["cheekHollowLeft"] });
    expect(
      mends("ORDER-4", aLook(aLayer({ id: "base" }), lips, shade)).layers.map(({ id }) => id),
    ).toEqual(["base", "shade", "lips"]);
    expect(found(aLook(aLayer({ id: "base" }), shade, lips), "ORDER-4")).toEqual([]);
  });
});

describe("schools: the order of work where the trade disagrees (MAP-1, BASE-4)", () => {
  const dark = aLayer({ id: "dark", zones: ["cheekHollowLeft"], paint: product("coal") });
  const light = aLayer({ id: "light", zones: ["chin"], paint: product("pearl") });
  const wide = aLayer({
    id: "wide",
    zones: ["forehead", "cheekAppleLeft", "cheekAppleRight"],
    paint: product("tan"),
  });
  const set = aLayer({
    id: "set",
    role: "set",
    zones: ["cheekHollowLeft"],
    tool: "puff",
    technique: "press",
  });
  const map = aLayer({
    id: "map",
    role: "map",
    zones: ["forehead"],
    tool: "stick",
    technique: "draw",
  });
  const order = (schools: Look["schools"], ...layers: Layer[]) =>
    inSchoolOrder({ ...aLook(...layers), schools }, context);

  it("puts the mid-tone first and then light before dark, or all areas light before dark", () => {
    expect(order({ map: "baseFirst", base: "allOver" }, dark, light, wide)).toEqual([
      "wide",
      "light",
      "dark",
    ]);
    expect(order({ map: "baseFirst", base: "zones" }, dark, wide, light)).toEqual([
      "light",
      "wide",
      "dark",
    ]);
  });

  it("keeps the powder with the base it sets, and every other layer in its place", () => {
    const detail = aLayer({ id: "detail", role: "detail", zones: ["chin"] });
    expect(order({ map: "baseFirst", base: "zones" }, dark, set, detail, light)).toEqual([
      "light",
      "detail",
      "dark",
      "set",
    ]);
  });

  it("draws the map before the bases or after them", () => {
    expect(order({ map: "mapFirst", base: "allOver" }, wide, map, dark)).toEqual([
      "map",
      "wide",
      "dark",
    ]);
    expect(order({ map: "baseFirst", base: "allOver" }, map, wide, set)).toEqual([
      "wide",
      "set",
      "map",
    ]);
  });

  it("reorders when chosen, says so when the stack has gone another way, and comes to rest", () => {
    const look = aLook(map, wide, light, dark);
    const chosen = applyPatch(
      look,
      followSchools(look, { map: "baseFirst", base: "zones" }, context),
    );
    expect(chosen.layers.map(({ id }) => id)).toEqual(["light", "wide", "dark", "map"]);
    expect(found(chosen, "BASE-4").concat(found(chosen, "MAP-1"))).toEqual([]);
    mends("BASE-4", { ...chosen, layers: [dark, wide, light, map] });
    mends("MAP-1", { ...chosen, layers: [map, light, wide, dark] });
    expect(() => applyPatch(look, { op: "order", ids: ["wide", "wide", "light", "dark"] })).toThrow(
      RangeError,
    );
    expect(() => applyPatch(look, { op: "order", ids: ["wide"] })).toThrow(RangeError);
  });
});
