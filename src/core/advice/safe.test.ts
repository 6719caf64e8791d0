import fc from "fast-check";
import { ZONE_IDS, ZONES } from "../anatomy";
import { ACTIVITIES, AIR, BARES, MATTERS, USUAL_BRIEF, type Brief } from "../brief";
import {
  allowedZones,
  applyPatch,
  checkLook,
  mayHold,
  stopsOf,
  type Look,
  type LookContext,
  type PaintKit,
} from "../look";
import {
  ALLERGEN_KEYS,
  material,
  paintType,
  toolsFor,
  type MaterialKey,
  type Product,
} from "../paint";
import { STAND_IN, type Person } from "../people";
import { aContext, aLayer, aLook, aProduct, SHELF } from "../testing";
import { ADVICE_GROUPS, GROUPS, recommendPaint, type PaintSystem } from ".";

/** A shelf with something of every kind, some of it with allergens on the label. */
const KINDS: readonly MaterialKey[] = [
  "waterGlycerine",
  "waterWax",
  "cream",
  "airbrushWater",
  "alcoholActivated",
  "adhesiveAcrylic",
  "rubberMaskGrease",
  "gelLiner",
  "lipLong",
  "toothLacquer",
  "powder",
  "settingPowder",
  "skinPrep",
  "barrierCream",
  "primer",
  "sealingMedium",
  "barrierSpray",
  "settingMist",
];
const FULL: readonly Product[] = [
  ...SHELF,
  ...KINDS.flatMap((key, i) => [
    aProduct({
      id: `own-${key}`,
      material: key,
      allergens: [ALLERGEN_KEYS[i % ALLERGEN_KEYS.length] ?? "nuts"],
      grade: key === "adhesiveAcrylic" ? "skinAdhesive" : "cosmetic",
      eyeSafe: i % 2 === 0,
      lipSafe: i % 3 === 0,
    }),
    aProduct({
      id: `plain-${key}`,
      material: key,
      labelRead: i % 2 === 0,
      grade: key === "adhesiveAcrylic" ? "skinAdhesive" : "cosmetic",
    }),
  ]),
];
const keysOf = <T extends object>(table: T) => Object.keys(table) as (keyof T & string)[];

const anyPerson = fc
  .record({
    ageYears: fc.integer({ min: 0, max: 80 }),
    allergies: fc.subarray([...ALLERGEN_KEYS], { maxLength: 5 }),
    skinKind: fc.constantFrom("normal", "dry", "oily", "sensitive" as const),
    sweat: fc.constantFrom("light", "average", "heavy" as const),
    beard: fc.constantFrom("none", "beard" as const),
    reacted: fc.subarray(
      FULL.map(({ id }) => id),
      { maxLength: 4 },
    ),
  })
  .map(({ reacted, ...person }): Partial<Person> => ({
    ...person,
    patchTests: reacted.map((productId) => ({
      productId,
      on: "2026-01-01",
      result: "reacted" as const,
    })),
  }));
const anyBrief = fc
  .record({
    airDegC: fc.integer({ min: -5, max: 44 }),
    rh: fc.integer({ min: 5, max: 100 }),
    air: fc.constantFrom(...keysOf(AIR)),
    hoursWorn: fc.integer({ min: 1, max: 12 }),
    sun: fc.boolean(),
    hood: fc.boolean(),
    mask: fc.boolean(),
    wet: fc.boolean(),
    meal: fc.boolean(),
    handProps: fc.boolean(),
    activity: fc.constantFrom(...keysOf(ACTIVITIES)),
    bares: fc.subarray(keysOf(BARES)),
    matters: fc.subarray(keysOf(MATTERS), { maxLength: 4 }),
  })
  .map((brief): Brief => ({ ...USUAL_BRIEF, ...brief }));

/** The paint a layer gets: a product of the kind this person may wear, or the kind itself. */
function paintOf(
  key: MaterialKey,
  person: Person,
): { paint: Look["layers"][number]["paint"]; product: Product | null } {
  const product = FULL.find((entry) => entry.material === key && mayHold(entry, person));
  return product
    ? { paint: { kind: "product", productId: product.id }, product }
    : { paint: { kind: "material", material: key }, product: null };
}

/** The look a painter would lay from an option: prep, base, powder, lines and seal over the zones of its part. */
function lookFrom({ group, kit }: Pick<PaintSystem, "group" | "kit">, person: Person): Look {
  const zones =
    group === "prosthetic"
      ? (["forehead", "noseBridge"] as const)
      : ZONES.filter(({ id, kind }) => GROUPS[group].covers(id) && kind !== "brow").map(
          ({ id }) => id,
        );
  const layers = (
    [
      ["prep", kit.prep],
      ["base", kit.base],
      ["set", kit.set],
      ["detail", kit.detail === kit.base ? null : kit.detail],
      [
        "set",
        kit.detail !== kit.base && material(kit.detail).setting === "powder" ? kit.set : null,
      ],
      ["seal", kit.seal],
    ] as const
  ).flatMap(([role, key], i) => {
    if (!key) return [];
    const { paint, product } = paintOf(key, person);
    const tool = toolsFor(key)[0] ?? "flatBrush";
    return [
      aLayer({
        id: `l${i}`,
        role,
        paint,
        zones: allowedZones(zones, key, product, { person, brief: USUAL_BRIEF }),
        tool,
        technique: role === "set" ? "press" : "pat",
        coats: 1,
      }),
    ];
  });
  return aLook(...layers);
}

/** One figure for all: nothing here depends on the face's measures. */
const BASE = aContext({ products: FULL });
const contextOf = (person: Person, brief: Brief): LookContext => ({ ...BASE, person, brief });

describe("recommendPaint is safe", () => {
  it("never returns a system that checkLook stops, an allergen, alcohol round the eyes, or unset cream: over 20,000 pairs of look and brief", () => {
    let pairs = 0;
    fc.assert(
      fc.property(anyPerson, anyBrief, fc.integer({ min: 0, max: 6 }), (somebody, brief, extra) => {
        const person: Person = { ...STAND_IN, ...somebody };
        const groups = ["face", "eyes", "lips", ADVICE_GROUPS[extra] ?? "teeth"] as const;
        const { options, refused } = recommendPaint({ person, brief, shelf: FULL }, groups);
        const context = contextOf(person, brief);
        for (const option of options) {
          const { kit, group } = option;
          const out = refused.filter((entry) => entry.group === group).map(({ type }) => type);
          for (const type of [kit.base, kit.detail]) {
            if (out.includes(type))
              throw new Error(`${type} was refused for ${group} and recommended`);
            if (material(type).allergens.some((allergen) => person.allergies.includes(allergen)))
              throw new Error(`${type} is an allergen`);
            if (group === "eyes" && paintType(type).solvent === "alcohol")
              throw new Error(`${type} in the eye zone`);
            if (material(type).setting === "powder" && kit.set !== "settingPowder")
              throw new Error(`${type} is left unset`);
          }
          const stops = stopsOf(lookFrom(option, person), context);
          if (stops.length) throw new Error(`${option.id} on the ${group}: ${stops[0]?.message}`);
          pairs++;
        }
      }),
      { numRuns: 260, seed: 5, endOnFailure: true },
    );
    expect(pairs).toBeGreaterThan(20_000);
  });
});

describe("fixes of stops", () => {
  const anyLayer = fc.record({
    role: fc.constantFrom("base", "detail", "shade", "cover", "attach", "seal" as const),
    pick: fc.nat(FULL.length - 1),
    zones: fc.uniqueArray(fc.constantFrom(...ZONE_IDS), { minLength: 1, maxLength: 5 }),
  });

  it("end, and leave no stop that had one: 20,000 random looks on random people", () => {
    let stopped = 0;
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 4 }),
        anyPerson,
        (layers, somebody) => {
          const context = contextOf({ ...STAND_IN, ...somebody }, USUAL_BRIEF);
          let look = aLook(
            ...layers.map(({ role, pick, zones }, i) =>
              aLayer({
                id: `l${i}`,
                role,
                zones,
                paint: { kind: "product", productId: FULL[pick]?.id ?? "white" },
              }),
            ),
          );
          let rounds = 0;
          for (let stops = stopsOf(look, context); stops.length; stops = stopsOf(look, context)) {
            const [next] = stops;
            if (!next?.fix) throw new Error(`no way out of: ${next?.message}`);
            if (rounds++ > 40) throw new Error(`goes round in circles at: ${next.message}`);
            look = applyPatch(look, next.fix);
          }
          if (rounds) stopped++;
        },
      ),
      { numRuns: 20_000, seed: 3, endOnFailure: true },
    );
    expect(stopped).toBeGreaterThan(5_000);
  });

  it("stopsOf says just what checkLook stops (200 of them)", () => {
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 3 }),
        anyPerson,
        (layers, somebody) => {
          const context = contextOf({ ...STAND_IN, ...somebody }, USUAL_BRIEF);
          const look = aLook(
            ...layers.map(({ role, pick, zones }, i) =>
              aLayer({
                id: `l${i}`,
                role,
                zones,
                paint: { kind: "product", productId: FULL[pick]?.id ?? "white" },
              }),
            ),
          );
          expect(
            stopsOf(look, context)
              .map(({ key }) => key)
              .sort(),
          ).toEqual(
            checkLook(look, context)
              .filter(({ severity }) => severity === "stop")
              .map(({ key }) => key)
              .sort(),
          );
        },
      ),
      { numRuns: 200, seed: 9, endOnFailure: true },
    );
  });

  it("a kit is never a way round a stop: its prep and seal keep out of eyes and lips as any layer does", () => {
    const kit: PaintKit = {
      base: "waterGlycerine",
      detail: "waterGlycerine",
      prep: "skinPrep",
      activate: null,
      set: null,
      seal: "barrierSpray",
    };
    expect(
      stopsOf(lookFrom({ group: "eyes", kit }, STAND_IN), contextOf(STAND_IN, USUAL_BRIEF)),
    ).toEqual([]);
    // Laid round the eyes and on the face: in the one neither has a zone left, in the other none near the eye.
    const zonesOf = (group: "eyes" | "face") =>
      lookFrom({ group, kit }, STAND_IN)
        .layers.filter(({ role }) => role !== "base")
        .map(({ zones }) => zones);
    expect(zonesOf("eyes").map((zones) => zones.length)).toEqual([0, 0]);
    expect(zonesOf("face")).toHaveLength(2);
    for (const zones of zonesOf("face")) {
      expect(zones).toContain("forehead");
      expect(zones.filter((zone) => GROUPS.eyes.covers(zone) || GROUPS.lips.covers(zone))).toEqual(
        [],
      );
    }
    const forced = aLook(
      aLayer({
        id: "spray",
        role: "seal",
        zones: ["upperLidLeft"],
        paint: { kind: "material", material: "barrierSpray" },
        tool: "spray",
        technique: "spray",
      }),
    );
    expect(stopsOf(forced, contextOf(STAND_IN, USUAL_BRIEF)).map(({ rule }) => rule)).toEqual([
      "SAFE-3",
    ]);
  });
});
