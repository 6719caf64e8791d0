import fc from "fast-check";
import { ZONE_IDS } from "../anatomy";
import { aContext, aLayer, aLook, aProduct, product, SHELF } from "../testing";
import {
  applyPatch,
  checkLook,
  LookSchema,
  MARK_KINDS,
  NOTHING,
  newMark,
  stopsOf,
  zonesOfMarks,
  type Layer,
  type Look,
  type LookContext,
  WHOLE,
  middle,
} from "../look";

const PRODUCTS = [
  ...SHELF,
  aProduct({ id: "pale", colour: "#f3dcd4" }),
  aProduct({ id: "mint", colour: "#dfe6d2" }),
  aProduct({ id: "ink", material: "waterWax", colour: "#22303c", hiding: 0.95 }),
  aProduct({ id: "sheer", colour: "#5c3624", hiding: 0.1 }),
  aProduct({ id: "corrector", material: "corrector", colour: "#d98a5b", hiding: 0.75 }),
];

const anyMark = fc.record({
  kind: fc.constantFrom(...MARK_KINDS),
  x: fc.integer({ min: -55, max: 55 }),
  y: fc.integer({ min: -110, max: 60 }),
  seed: fc.nat(500),
});
const anyLayer = fc.record({
  role: fc.constantFrom("base", "base", "detail", "detail", "shade", "highlight", "cover" as const),
  pick: fc.constantFrom(...PRODUCTS),
  zones: fc.uniqueArray(fc.constantFrom(...ZONE_IDS), { minLength: 1, maxLength: 8 }),
  marks: fc.array(anyMark, { maxLength: 3 }),
  coats: fc.constantFrom("auto" as const, 1),
  part: fc.constantFrom(middle(0.3), WHOLE),
  edge: fc.constantFrom("hard", "faded" as const),
  fills: fc.constantFrom(false, false, true),
  leavesOut: fc.constantFrom<Layer["leavesOut"]>(
    NOTHING,
    NOTHING,
    { kind: "painted" },
    { kind: "layers", ids: ["l0"] },
  ),
});
const anySetting = fc.record({
  skin: fc.constantFrom("#f6e0d2", "#c58d68", "#2f1d12"),
  brow: fc.constantFrom("#17110d", "#a07a55"),
  farthestM: fc.constantFrom(3, 12, 40),
  hatLineMm: fc.constantFrom(null, 52),
});

function lookOf(
  layers: readonly {
    role: string;
    pick: { id: string };
    zones: Layer["zones"];
    marks: { kind: (typeof MARK_KINDS)[number]; x: number; y: number; seed: number }[];
    coats: Layer["coats"];
    part: Layer["part"];
    edge: Layer["edge"];
    fills: Layer["fills"];
    leavesOut: Layer["leavesOut"];
  }[],
  context: LookContext,
): Look {
  return aLook(
    ...layers.map(({ role, pick, zones, marks: drawn, fills, ...rest }, i) => {
      const marks =
        role === "detail" ? drawn.map(({ kind, x, y, seed }) => newMark(kind, { x, y }, seed)) : [];
      const touched = zonesOfMarks(marks, context.figure);
      return aLayer({
        id: `l${i}`,
        role: role as "base",
        paint: product(pick.id),
        zones: touched.length && !fills ? touched : zones,
        marks: touched.length ? marks : [],
        fills,
        ...rest,
        tool: role === "detail" ? "roundBrush" : "dampSponge",
      });
    }),
  );
}

/** The same matter: the rule about the same layer; its zones may be fewer once it is partly mended. */
const same = (a: { rule: string; severity: string; where: { layerId?: string } }, b: typeof a) =>
  a.rule === b.rule && a.severity === b.severity && a.where.layerId === b.where.layerId;

describe("fixes of looks with marks, from near and far, on any skin", () => {
  it("each take away a finding and add no stop (240 random looks)", () => {
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 4 }),
        anySetting,
        (layers, { skin, brow, ...brief }) => {
          const context = aContext({
            products: PRODUCTS,
            person: { skin, brow },
            brief: { nearestM: 1, ...brief },
          });
          const look = lookOf(layers, context);
          const before = checkLook(look, context);
          expect(new Set(before.map(({ key }) => key)).size).toBe(before.length);
          for (const finding of before) {
            if (!finding.fix) continue;
            const after = applyPatch(look, finding.fix);
            // What a button makes can be kept: no outline of an area among the shapes, no layer too many.
            expect(LookSchema.safeParse(after).error?.issues ?? []).toEqual([]);
            const left = checkLook(after, context);
            // A base is carried only where its product may lie: what is left then is the same matter with fewer zones.
            const weight = (list: typeof before) =>
              list
                .filter((other) => same(other, finding))
                .reduce((sum, other) => sum + 1 + other.where.zones.length, 0);
            expect({
              fix: finding.fixLabel,
              rule: finding.rule,
              gone: weight(left) < weight(before),
            }).toEqual({ fix: finding.fixLabel, rule: finding.rule, gone: true });
            const [was, is] = [look, after].map((one) => stopsOf(one, context));
            expect({
              fix: finding.fixLabel,
              added: (is ?? []).slice((was ?? []).length).map(({ message }) => message),
            }).toEqual({ fix: finding.fixLabel, added: [] });
          }
        },
      ),
      { numRuns: 240, seed: 7, endOnFailure: true },
    );
  });

  it("end: one after another they leave nothing that has a fix, and no stop that had one (60 random looks)", () => {
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 3 }),
        anySetting,
        (layers, { skin, brow, ...brief }) => {
          const context = aContext({
            products: PRODUCTS,
            person: { skin, brow },
            brief: { nearestM: 1, ...brief },
          });
          let look = lookOf(layers, context);
          const said: string[] = [];
          for (let i = 0; i < 80; i++) {
            const next = checkLook(look, context).find((finding) => finding.fix);
            if (!next?.fix) break;
            said.push(`${next.rule} ${next.fixLabel}`);
            look = applyPatch(look, next.fix);
          }
          expect(
            checkLook(look, context)
              .filter((finding) => finding.fix)
              .map(
                (finding) =>
                  `${finding.rule} ${finding.fixLabel} after ${said.slice(-4).join(" | ")}`,
              ),
          ).toEqual([]);
          expect(stopsOf(look, context)).toEqual([]);
        },
      ),
      { numRuns: 60, seed: 11, endOnFailure: true },
    );
  });
});
