import { ZONE_IDS, type ZoneId } from "../../src/core/anatomy";
import { ACTIVITIES, HEALTH, USUAL_BRIEF, type Brief } from "../../src/core/brief";
import {
  BLEND_KEYS,
  BLENDS,
  STRENGTH_KEYS,
  THIRDS,
  type Layer,
  type Look,
} from "../../src/core/look";
import {
  ALLERGEN_KEYS,
  FINISHES,
  GLITTERS,
  MATERIAL_KEYS,
  ProductSchema,
  toolsFor,
  type ToolKey,
  type Product,
} from "../../src/core/paint";
import { CONCERNS, PersonSchema, STAND_IN, type Person } from "../../src/core/people";
import { seededRandom } from "../../src/core/random";
import { aLayer, aLook } from "../../src/core/testing";

/** A made-up evening: somebody, a shelf, a day, and a look laid from that shelf. */
export interface Case {
  readonly person: Person;
  readonly shelf: readonly Product[];
  readonly brief: Brief;
  readonly look: Look;
}

type Random = () => number;
const keys = <T extends object>(table: T) => Object.keys(table) as (keyof T & string)[];
const one = <T>(random: Random, list: readonly T[]): T =>
  list[Math.floor(random() * list.length)] as T;
const some = <T>(random: Random, list: readonly T[], share: number, most = 4): T[] =>
  list.filter(() => random() < share).slice(0, most);
const zones = (random: Random, most: number): ZoneId[] => [
  ...new Set(Array.from({ length: 1 + Math.floor(random() * most) }, () => one(random, ZONE_IDS))),
];

function aBlend(random: Random): Layer["blend"] {
  const how = one(random, BLEND_KEYS);
  return { how, tool: one<ToolKey>(random, BLENDS[how].tools) };
}

const NAMES = ["Mallow", "Black henna", "Plain henna", "Hair dye no. 4", "Bracken", "Sedge"];
const COLOURS = ["#a02030", "#3d7842", "#f3f2ec", "#141417", "#c0607a", "#33455f"];

function aProductOf(random: Random, i: number): Product {
  const material = one(random, MATERIAL_KEYS);
  const eyeSafe = random() < 0.5;
  const lipSafe = random() < 0.5;
  return {
    ...ProductSchema.parse({
      name: `${one(random, NAMES)} ${i}`,
      material,
      colour: one(random, COLOURS),
      hiding: 0.9,
      grade: random() < 0.1 ? "prop" : random() < 0.15 ? "skinAdhesive" : "cosmetic",
      eyeSafe,
      lipSafe,
      keepFrom: [
        ...(!eyeSafe && random() < 0.2 ? ["eyes"] : []),
        ...(!lipSafe && random() < 0.2 ? ["lips"] : []),
      ],
      labelRead: random() < 0.5,
      allergens: some(random, ALLERGEN_KEYS, 0.06),
      colourIndex: random() < 0.15 ? ["CI 75470", "77891"] : [],
      finish: random() < 0.3 ? one(random, keys(FINISHES)) : null,
      glitter: material === "glitter" && random() < 0.7 ? one(random, keys(GLITTERS)) : null,
      isHairDye: random() < 0.8 ? null : random() < 0.5,
      batch: random() < 0.3 ? one(random, ["A1", "B2"]) : "",
      sizeGrams: 30,
      priceMinor: 900,
    }),
    id: `p${i}`,
    version: 1,
  };
}

function aPersonOf(random: Random, shelf: readonly Product[]): Person {
  const concerns = Array.from({ length: random() < 0.25 ? 1 : 0 }, () => ({
    what: one(random, keys(CONCERNS)),
    zones: zones(random, 3),
    unpainted: random() < 0.7,
  }));
  const { id, version, ...plain } = STAND_IN;
  return {
    ...PersonSchema.parse({
      ...plain,
      name: "Somebody",
      ageYears: Math.floor(random() < 0.4 ? random() * 17 : 16 + random() * 60),
      guardianConsent: random() < 0.5,
      allergies: some(random, ALLERGEN_KEYS, 0.08),
      skinKind: one(random, ["normal", "dry", "oily", "sensitive"]),
      asthma: random() < 0.1,
      lenses: random() < 0.1,
      reactedOn: random() < 0.1 ? "2026-05-20" : null,
      concerns,
      patchTests: some(random, shelf, 0.3).map((product) => ({
        productId: product.id,
        on: one(random, ["2024-03-01", "2026-02-01"]),
        result: one(random, ["clear", "clear", "reacted", "waiting"]),
        ...(random() < 0.3 && { batch: "A1" }),
      })),
    }),
    id,
    version,
  };
}

/** The case of a number: the same number makes the same case on every machine. */
export function makeCase(seed: number): Case {
  const random = seededRandom(seed);
  const shelf = Array.from({ length: 7 }, (_, i) => aProductOf(random, i));
  const person = aPersonOf(random, shelf);
  const brief: Brief = {
    ...USUAL_BRIEF,
    airDegC: Math.floor(random() * 38),
    activity: one(random, keys(ACTIVITIES)),
    sun: random() < 0.3,
    hoursWorn: 1 + Math.floor(random() * 9),
    health: some(random, keys(HEALTH), 0.1),
    healthAsked: random() < 0.5,
    bareToday: random() < 0.15 ? zones(random, 2) : [],
    curtainAt: "2026-06-02T19:30:00+00:00",
  };
  const layers = Array.from({ length: 1 + Math.floor(random() * 4) }, (_, i) => {
    const parts = [...new Set([one(random, shelf), one(random, shelf)])].slice(
      0,
      random() < 0.2 ? 2 : 1,
    );
    const [first] = parts;
    return aLayer({
      id: `l${i}`,
      name: `Layer ${i}`,
      role: one(random, ["base", "detail", "shade", "cover", "attach", "set", "seal"]),
      zones: zones(random, 5),
      paint:
        parts.length > 1
          ? { kind: "mix", parts: parts.map(({ id }) => ({ productId: id, parts: 1 })) }
          : { kind: "product", productId: first?.id ?? "p0" },
      tool: (first && toolsFor(first.material)[0]) ?? "flatBrush",
      strength: one(random, STRENGTH_KEYS),
      blend: random() < 0.3 ? aBlend(random) : null,
      // A third of an eyelid is an eyelid.
      ...(random() < 0.3 && { part: { kind: "third" as const, side: one(random, THIRDS) } }),
      ...(random() < 0.15 && { leavesOut: { kind: "painted" as const } }),
    });
  });
  return { person, shelf, brief, look: aLook(...layers) };
}
