import fc from "fast-check";
import { ZONE_IDS } from "../anatomy";
import { deltaE00, flat, hexToLab, hueAngle, labFromReflectance } from "../colour";
import { RULES } from "../rules";
import { aContext, aLayer, aLook, product, SHELF } from "../testing";
import {
  applyPatch,
  checkLook,
  exposedZones,
  freeLayerId,
  groundUnder,
  hexOf,
  lookContext,
  LookSchema,
  mudColour,
  newMark,
  paintedCoverage,
  placedStrokes,
  predict,
  readStack,
  stopsOf,
  suggestLayer,
  visibleLayers,
  zonesOfMarks,
  zoneWords,
  type Finding,
  type Look,
  type LookContext,
  type LookPatch,
} from ".";

const has = (look: Look, context: LookContext, rule: Finding["rule"]) =>
  checkLook(look, context).filter((finding) => finding.rule === rule);
/** The finding is there, its fix applies, and the look after it no longer has it. */
function mends(look: Look, context: LookContext, rule: Finding["rule"]): Look {
  const found = has(look, context, rule).find((finding) => finding.fix);
  expect(found?.fix).toBeDefined();
  const mended = applyPatch(look, found?.fix as LookPatch);
  expect(checkLook(mended, context).map((finding) => finding.key)).not.toContain(found?.key);
  expect(LookSchema.safeParse(mended).success).toBe(true);
  return mended;
}

describe("patches", () => {
  const look = aLook(aLayer({ id: "a" }), aLayer({ id: "b" }), aLayer({ id: "c" }));
  const ids = (changed: Look) => changed.layers.map((layer) => layer.id).join("");
  it("add, move, change and remove, and leave the look given as it was", () => {
    expect(ids(applyPatch(look, { op: "addLayer", layer: aLayer({ id: "d" }), at: 1 }))).toBe(
      "adbc",
    );
    expect(ids(applyPatch(look, { op: "moveLayer", id: "a", to: 2 }))).toBe("bca");
    expect(ids(applyPatch(look, { op: "removeLayer", id: "b" }))).toBe("ac");
    expect(
      applyPatch(look, { op: "changeLayer", id: "b", change: { coats: 3 } }).layers[1]?.coats,
    ).toBe(3);
    expect(ids(look)).toBe("abc");
  });
  it("refuse what is not there, twice there, or outside the stack", () => {
    expect(() => applyPatch(look, { op: "removeLayer", id: "x" })).toThrow(RangeError);
    expect(() => applyPatch(look, { op: "addLayer", layer: aLayer({ id: "a" }) })).toThrow(
      RangeError,
    );
    expect(() => applyPatch(look, { op: "moveLayer", id: "a", to: 3 })).toThrow(RangeError);
    expect(freeLayerId(look, "a")).toBe("a-2");
  });
  it("keep ids distinct and the look valid through any run of moves and removals", () => {
    const step = fc.oneof(
      fc.record({
        op: fc.constant("moveLayer" as const),
        id: fc.constantFrom("a", "b", "c"),
        to: fc.nat(2),
      }),
      fc.record({ op: fc.constant("removeLayer" as const), id: fc.constantFrom("a", "b", "c") }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
        const end = steps.reduce((now, patch) => {
          try {
            return applyPatch(now, patch);
          } catch {
            return now;
          }
        }, look);
        expect(LookSchema.safeParse(end).success).toBe(true);
      }),
    );
  });
});

describe("prediction", () => {
  it("is the skin where nothing lies, redder on lips, darker on brows", () => {
    const context = aContext();
    const { bare } = predict(aLook(), context);
    expect(hexOf(bare("forehead"))).toBe(context.person.skin);
    expect(labFromReflectance(bare("upperLip"))[1]).toBeGreaterThan(
      labFromReflectance(bare("chin"))[1] + 5,
    );
    expect(labFromReflectance(bare("browLeft"))[0]).toBeLessThan(
      labFromReflectance(bare("forehead"))[0] - 15,
    );
  });
  it("computes the coats: more for white over deep skin than grey, and hardly any skin left below", () => {
    const context = aContext({ person: { skin: "#50331f" } });
    const look = aLook(
      aLayer({ id: "w", zones: ["chin"], paint: product("white"), tool: "foundationBrush" }),
      aLayer({ id: "g", zones: ["forehead"], paint: product("grey") }),
    );
    const { coats, films } = predict(look, context);
    expect(coats.get("w")).toEqual({ coats: 2, covers: true });
    expect(coats.get("g")?.coats).toBeLessThan(2);
    const film = films.get("chin")?.[0];
    expect(film && deltaE00(labFromReflectance(film.colour), hexToLab("#f3f2ec"))).toBeLessThan(4);
  });
  it("lets a thin yellow over blue look green, all the way down to this skin (groundUnder)", () => {
    const context = aContext();
    const look = aLook(
      aLayer({ id: "below", paint: product("blue"), coats: 3 }),
      aLayer({ id: "above", paint: product("yellow"), coats: 1, role: "highlight" }),
    );
    const film = predict(look, context).films.get("forehead")?.[1];
    expect(film && hueAngle(labFromReflectance(film.colour))).toBeGreaterThan(103); // the yellow itself stands at 92 degrees
    expect(
      deltaE00(
        labFromReflectance(groundUnder(look, "above", "forehead", context)),
        hexToLab("#33455f"),
      ),
    ).toBeLessThan(2);
    expect(() => groundUnder(look, "nothing", "forehead", context)).toThrow(RangeError);
  });
  it("draws what is seen: powder as a film over what it sets, not as a picture of its own", () => {
    const look = aLook(
      aLayer({ id: "base", paint: product("blue"), coats: 2 }),
      aLayer({
        id: "set",
        role: "set",
        paint: product("whitePowder"),
        tool: "puff",
        technique: "press",
        coats: 1,
      }),
    );
    const context = aContext();
    const seen = visibleLayers(look, context, predict(look, context));
    expect(seen.map(({ layer }) => layer.id)).toEqual(["base"]);
    expect(labFromReflectance(seen[0]?.colours.get("forehead") ?? flat(0))[0]).toBeGreaterThan(
      hexToLab("#33455f")[0] + 5,
    );
    expect(visibleLayers(look, context, predict(look, context), 0)).toEqual([]);
  });
});

describe("checkLook", () => {
  const context = aContext();
  const FACE = exposedZones(context.brief);
  const base = (values: object = {}) =>
    aLayer({
      id: "base",
      zones: [...FACE, "browLeft", "browRight"],
      paint: product("grey"),
      ...values,
    });

  it("has nothing against a plain grey face worn for two hours", () =>
    expect(checkLook(aLook(base()), aContext({ brief: { hoursWorn: 2 } }))).toEqual([]));

  it("SET-1: cream is powdered before it is left or painted over", () => {
    const look = mends(aLook(aLayer({ id: "veil", paint: product("cream") })), context, "SET-1");
    expect(look.layers[1]).toMatchObject({ role: "set", zones: ["forehead"], technique: "press" });
    expect(
      has(
        aLook(
          aLayer({ id: "a", paint: product("cream") }),
          aLayer({ id: "b", paint: product("cream"), role: "shade" }),
        ),
        context,
        "SET-1",
      ),
    ).toHaveLength(1);
  });
  it("LAYER-1: water over dry water makes mud, of the colour the two mix to; patting or powder avoids it", () => {
    const look = aLook(
      base({ paint: product("blue"), zones: ["forehead"] }),
      aLayer({ id: "over", paint: product("yellow"), technique: "stroke", tool: "flatBrush" }),
    );
    const [finding] = has(look, context, "LAYER-1");
    const mud =
      mudColour(readStack(look, context), {
        lower: look.layers[0] as never,
        upper: look.layers[1] as never,
      }) ?? "";
    expect(finding?.message).toContain("turn to mud");
    expect(hueAngle(hexToLab(mud))).toBeGreaterThan(110);
    mends(look, context, "LAYER-1");
    expect(
      has(
        applyPatch(look, { op: "changeLayer", id: "over", change: { technique: "pat" } }),
        context,
        "LAYER-1",
      ),
    ).toEqual([]);
  });
  it("LAYER-2: water colour beads on cream that nobody powdered, and one powder step mends SET-1 with it", () => {
    const look = aLook(
      aLayer({ id: "veil", paint: product("cream") }),
      aLayer({ id: "over", paint: product("grey") }),
    );
    const mended = mends(look, context, "LAYER-2");
    expect(has(mended, context, "SET-1")).toEqual([]);
  });
  it("BASE-1: one coat of white on deep skin is not enough, and the fix lets the coats be computed", () => {
    const deep = aContext({ person: { skin: "#50331f" } });
    const mended = mends(aLook(base({ paint: product("white"), coats: 1 })), deep, "BASE-1");
    expect(predict(mended, deep).coats.get("base")?.coats).toBeGreaterThan(1);
  });
  it("BASE-5: gaps where the audience looks are carried over or meant", () => {
    const look = aLook(
      base({ zones: FACE.filter((zone) => zone !== "neckFront" && !zone.startsWith("ear")) }),
    );
    expect([...(has(look, context, "BASE-5")[0]?.where.zones ?? [])].sort()).toEqual([
      "earLeft",
      "earRight",
      "neckFront",
    ]);
    mends(look, context, "BASE-5");
    expect(
      has(
        applyPatch(look, {
          op: "leaveBare",
          zones: ["neckFront", "earLeft", "earRight"],
          bare: true,
        }),
        context,
        "BASE-5",
      ),
    ).toEqual([]);
    expect(has(look, aContext({ brief: { hood: true, highCollar: true } }), "BASE-5")).toEqual([]);
    expect(paintedCoverage(look, FACE).gaps).toHaveLength(3);
  });
  it("EDGE-4: a mark above the hat line is lowered by just as much as it takes", () => {
    const hat = aContext({ brief: { hatLineMm: 50 } });
    const high = aLook(
      aLayer({
        id: "fern",
        role: "detail",
        paint: product("line"),
        tool: "linerBrush",
        marks: [newMark("fern", { x: 20, y: 40 }, 3)],
      }),
    );
    const mended = mends(high, hat, "EDGE-4");
    const top = (look: Look) =>
      Math.max(
        ...(look.layers[0]?.marks ?? [])
          .flatMap(placedStrokes)
          .flatMap((stroke) => stroke.points.map((p) => p.y + stroke.widthMm / 2)),
      );
    expect(top(mended)).toBeCloseTo(46, 6); // 50 less 4 mm for the brim's shadow
    expect(has(high, context, "EDGE-4")).toEqual([]);
    mends(
      aLook(aLayer({ id: "shine", role: "highlight", zones: ["forehead", "chin"] })),
      aContext({ brief: { hatLineMm: 15 } }),
      "EDGE-4",
    );
  });
  it("PREP-3: a beard is in the way of the chin", () => {
    expect(has(aLook(base()), aContext({ person: { beard: "stubble" } }), "PREP-3")).toHaveLength(
      1,
    );
    expect(
      has(aLook(aLayer({ id: "f" })), aContext({ person: { beard: "beard" } }), "PREP-3"),
    ).toEqual([]);
  });

  describe("stops", () => {
    const stopped = (look: Look, at: LookContext, rule: Finding["rule"]) => {
      expect(stopsOf(look, at).map((finding) => finding.rule)).toContain(rule);
      expect(RULES[rule].severity).toBe("stop");
      const mended = mends(look, at, rule);
      expect(stopsOf(mended, at).filter((finding) => finding.rule === rule)).toEqual([]);
      // No acceptance gets past a stop.
      const key = stopsOf(look, at)[0]?.key ?? "";
      expect(
        stopsOf(applyPatch(look, { op: "accept", finding: key, accepted: true }), at),
      ).toHaveLength(stopsOf(look, at).length);
    };
    it("SAFE-1: craft paint on skin", () =>
      stopped(aLook(aLayer({ id: "gold", paint: product("craft") })), context, "SAFE-1"));
    it("SAFE-1: but an office glue stick on brow hair is a caution", () => {
      const office = aContext({
        products: SHELF.map((entry) =>
          entry.id === "stick" ? { ...entry, grade: "prop" as const } : entry,
        ),
      });
      const look = aLook(
        aLayer({
          id: "brow",
          role: "cover",
          zones: ["browLeft", "browRight"],
          paint: product("stick"),
          tool: "stick",
        }),
      );
      expect(has(look, office, "SAFE-1").map((finding) => finding.severity)).toEqual(["caution"]);
    });
    it("SAFE-2: latex on a person allergic to it, by product, by kind, and after a reaction", () => {
      const allergic = aContext({ person: { allergies: ["latex"] } });
      stopped(
        aLook(aLayer({ id: "strand", paint: product("latexPot"), tool: "stippleSponge" })),
        allergic,
        "SAFE-2",
      );
      stopped(
        aLook(
          aLayer({
            id: "strand",
            paint: { kind: "material", material: "latex" },
            tool: "stippleSponge",
          }),
        ),
        allergic,
        "SAFE-2",
      );
      stopped(
        aLook(aLayer({ id: "g" })),
        aContext({
          person: { patchTests: [{ productId: "grey", on: "2026-05-01", result: "reacted" }] },
        }),
        "SAFE-2",
      );
    });
    it("SAFE-2: an allergen in one part of a mix", () => {
      const look = aLook(
        aLayer({
          id: "m",
          paint: {
            kind: "mix",
            parts: [
              { productId: "grey", parts: 3 },
              { productId: "red", parts: 1 },
            ],
          },
        }),
      );
      const at = aContext({
        person: { allergies: ["carmine"] },
        products: [
          ...SHELF,
          { ...SHELF[0], id: "red", allergens: ["carmine"] } as (typeof SHELF)[number],
        ],
      });
      stopped(look, at, "SAFE-2");
    });
    it("SAFE-2: an untested product is a caution, a test of tomorrow is none", () => {
      const untested = aContext({
        person: { patchTests: [{ productId: "grey", on: "2026-06-02", result: "clear" }] },
      });
      expect(
        has(aLook(aLayer({ id: "g" })), untested, "SAFE-2").map((finding) => finding.severity),
      ).toEqual(["caution"]);
    });
    it("SAFE-3: alcohol colour in the eye zone, even if its label says eyes", () =>
      stopped(
        aLook(
          aLayer({
            id: "lid",
            zones: ["forehead", "upperLidLeft"],
            paint: product("alcohol"),
            tool: "flatBrush",
          }),
        ),
        context,
        "SAFE-3",
      ));
    it("SAFE-3: a product not marked for eyes on the lid", () =>
      stopped(
        aLook(aLayer({ id: "lid", zones: ["upperLidLeft"], paint: product("blue") })),
        context,
        "SAFE-3",
      ));
    it("BROW-2: medical adhesive or latex on brow hair", () => {
      stopped(
        aLook(
          aLayer({
            id: "brow",
            role: "cover",
            zones: ["browLeft", "browRight"],
            paint: product("adhesive"),
            tool: "flatBrush",
          }),
        ),
        context,
        "BROW-2",
      );
      stopped(
        aLook(
          aLayer({
            id: "brow",
            zones: ["browLeft", "forehead"],
            paint: product("latexPot"),
            tool: "flatBrush",
          }),
        ),
        context,
        "BROW-2",
      );
    });
    it("SAFE-8: a full face on a child under three; an older child needs consent", () => {
      stopped(
        aLook(base()),
        aContext({ person: { ageYears: 2, guardianConsent: true } }),
        "SAFE-8",
      );
      expect(
        has(aLook(base()), aContext({ person: { ageYears: 6 } }), "SAFE-8").map(
          (finding) => finding.severity,
        ),
      ).toEqual(["caution"]);
      expect(
        has(
          aLook(base()),
          aContext({ person: { ageYears: 6, guardianConsent: true } }),
          "SAFE-8",
        ).map(({ severity }) => severity),
      ).toEqual(["tip"]);
      const consent = { who: "Ada Moor, mother", on: "2026-06-01", to: "a leaf on the cheek" };
      expect(
        has(aLook(base()), aContext({ person: { ageYears: 6 }, brief: { consent } }), "SAFE-8"),
      ).toEqual([]);
    });
  });

  it("is left as it is when the painter says so, until the matter changes", () => {
    const look = aLook(aLayer({ id: "veil", paint: product("cream") }));
    const key = has(look, context, "SET-1")[0]?.key ?? "";
    const left = applyPatch(look, { op: "accept", finding: key, accepted: true });
    expect(has(left, context, "SET-1")).toEqual([]);
    expect(
      has(
        applyPatch(left, {
          op: "changeLayer",
          id: "veil",
          change: { zones: ["forehead", "chin"] },
        }),
        context,
        "SET-1",
      ),
    ).toHaveLength(1);
  });

  it("always ends: applying fixes one after another leaves no stop that had a fix (250 random looks)", () => {
    const anyLayer = fc.record({
      zones: fc.uniqueArray(fc.constantFrom(...ZONE_IDS), { minLength: 1, maxLength: 6 }),
      pick: fc.constantFrom(...SHELF),
      role: fc.constantFrom("base", "shade", "detail", "cover", "highlight" as const),
      coats: fc.constantFrom("auto" as const, 1),
    });
    const anyPerson = fc.record({
      ageYears: fc.constantFrom(2, 8, 30),
      allergies: fc.subarray(["latex", "lanolin", "talc", "acrylates"] as const),
      beard: fc.constantFrom("none", "beard"),
    });
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 5 }),
        anyPerson,
        (layers, person) => {
          const at = {
            ...context,
            person: { ...context.person, ...person, allergies: [...person.allergies] },
          } as LookContext;
          let look = aLook(
            ...layers.map(({ pick, ...layer }, i) =>
              aLayer({
                id: `l${i}`,
                ...layer,
                role: layer.role,
                paint: product(pick.id),
              }),
            ),
          );
          for (let i = 0; i < 60; i++) {
            const next = checkLook(look, at).find((finding) => finding.fix);
            if (!next?.fix) break;
            look = applyPatch(look, next.fix);
          }
          expect(checkLook(look, at).filter((finding) => finding.fix)).toEqual([]);
          expect(stopsOf(look, at)).toEqual([]);
        },
      ),
      { numRuns: 250, endOnFailure: true },
    );
  });
});

describe("suggestLayer", () => {
  it("proposes layers that no safety rule stops, whoever the person", () => {
    for (const allergies of [[], ["latex"], ["talc", "lanolin"]] as const) {
      const at = aContext({ person: { allergies: [...allergies], ageYears: 20 } });
      const look = (
        [
          "prep",
          "cover",
          "map",
          "base",
          "set",
          "contour",
          "shade",
          "highlight",
          "detail",
          "seal",
        ] as const
      ).reduce(
        (now, role) => applyPatch(now, { op: "addLayer", layer: suggestLayer(role, now, at) }),
        aLook(),
      );
      expect(LookSchema.safeParse(look).success).toBe(true);
      expect(stopsOf(look, at).filter((finding) => finding.rule !== "SAFE-2")).toEqual([]);
    }
  });
});

describe("marks", () => {
  it("are the same every time for the same seed, another for another, and mirror exactly", () => {
    for (const kind of ["crack", "fork", "fern", "spots"] as const) {
      const mark = newMark(kind, { x: 30, y: -30 }, 7);
      expect(placedStrokes(mark)).toEqual(placedStrokes({ ...mark }));
      expect(placedStrokes({ ...mark, seed: 8 })).not.toEqual(placedStrokes(mark));
      const both = placedStrokes({ ...mark, mirrored: true });
      expect(both).toHaveLength(2 * placedStrokes(mark).length);
      expect(both[both.length / 2]?.points[0]?.x).toBeCloseTo(-(both[0]?.points[0]?.x ?? NaN), 9);
    }
    expect(zonesOfMarks([newMark("fern", { x: 34, y: -40 }, 3)], context0().figure)).toContain(
      "cheekAppleLeft",
    );
  });
  const context0 = () => aContext();
});

describe("words", () => {
  it("names zones as a painter does", () => {
    expect(zoneWords(["cheekAppleLeft", "cheekAppleRight", "chin"])).toBe(
      "both cheek apples and chin",
    );
    expect(zoneWords(["cheekAppleLeft"])).toBe("left cheek apple");
    expect(
      zoneWords(
        ZONE_IDS.filter((id) => id !== "chin"),
        9,
      ),
    ).toContain("the whole face but chin");
    expect(
      zoneWords(
        ZONE_IDS.filter((id) => !/^(chin|forehead)/.test(id)),
        2,
      ),
    ).toMatch(/^the whole face \(all but forehead and chin\), /);
    expect(zoneWords([])).toBe("nowhere");
  });
  it("builds a context from plain values", () =>
    expect(
      lookContext({
        person: context1().person,
        brief: context1().brief,
        products: SHELF,
        today: "2026-01-01",
      }).products.size,
    ).toBe(SHELF.length));
  const context1 = () => aContext();
});
