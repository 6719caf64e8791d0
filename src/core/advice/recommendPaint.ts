import { buildFigure, type ZoneId } from "../anatomy";
import { paintingAirSpeed, type Brief } from "../brief";
import { dryingMinutes } from "../climate";
import type { System } from "../look";
import { ALLERGENS, allergensOf, filmPerCoat, isWaterColour, material, paintType, PAINT_TYPE_KEYS, toolOf, TOOLS, toolsFor, wetGramsPerM2, type HelperKey, type MaterialKey, type PaintTypeKey, type Product } from "../paint";
import { landmarksOf, physiqueOf, type Person } from "../people";
import type { RuleId } from "../rules";
import { zoneWear } from "../wear";

/** What a recommendation is made from. */
export interface AdviceBrief {
  readonly person: Person;
  readonly brief: Brief;
  /** Products at hand: a system that can be painted from the shelf is worth more. */
  readonly shelf: readonly Product[];
  /** Skin, or a foam or latex piece (then the alcohol, grease and adhesive types count). */
  readonly substrate?: "skin" | "prosthetic";
}

/** One number of the score with its share of it, so that a painter sees why. */
export interface ScorePart { readonly name: "wear" | "gentle" | "time" | "cost" | "comfort" | "removal" | "stain" | "strength" | "shelf"; readonly points: number; readonly most: number; readonly says: string }

export interface PaintSystem {
  readonly id: string;
  readonly system: System;
  readonly title: string;
  readonly score: number;
  readonly parts: readonly ScorePart[];
  readonly touchUp: { readonly hours: number; readonly zone: ZoneId };
  readonly onMinutes: number;
  readonly dryMinutes: number;
  readonly offMinutes: number;
  readonly costMinor: number;
  readonly because: readonly string[];
  readonly against: string;
}

export interface Refusal { readonly type: PaintTypeKey; readonly rule: RuleId; readonly why: string }

/** Skin of this person's painted face, cm2: all zones but scalp, ears and neck. */
function faceArea(person: Person): number {
  return buildFigure(landmarksOf(person), physiqueOf(person)).zones.filter((zone) => zone.group === "face" || zone.group === "eyes" || zone.group === "lips").reduce((sum, zone) => sum + zone.areaCm2, 0);
}

const JUDGED: readonly ZoneId[] = ["forehead", "cheekAppleLeft", "noseBridge", "chin", "lipSideLeft"];

/** Paint types that may not be the face's base or detail, with the rule. Hard constraints: nothing outweighs them. */
function refusal(type: PaintTypeKey, { person, substrate = "skin" }: AdviceBrief): Refusal | null {
  const kind = paintType(type);
  const refuse = (rule: RuleId, why: string): Refusal => ({ type, rule, why });
  const allergens = kind.allergens.filter((allergen) => person.allergies.includes(allergen));
  if (person.ageYears < 3) return refuse("SAFE-8", `${person.name} is under three: no paint on the face; at most a small cheek design.`);
  if (allergens.length) return refuse("SAFE-2", `${person.name} is allergic to ${allergens.map((allergen) => ALLERGENS[allergen]).join(" and ")}.`);
  if (!kind.cosmetic && person.skinKind === "sensitive") return refuse("SAFE-2", `${person.name}'s skin is marked sensitive, and this is no cosmetic.`);
  if (person.ageYears < 16 && (!kind.cosmetic || kind.flammable || type === "latex")) return refuse("SAFE-8", "not for a child's skin.");
  if (type === "rubberMaskGrease" && substrate === "skin") return refuse("LAYER-3", "made for latex and foam; thick and greasy on skin.");
  if (substrate === "prosthetic" && isWaterColour(type)) return refuse("LAYER-3", "soaks into a foam or latex piece.");
  return null;
}

const baseTypes = PAINT_TYPE_KEYS.filter((type) => paintType(type).goodFor.includes("base"));
const lineTypes: readonly PaintTypeKey[] = ["waterWax", "alcoholActivated"];

/** The safe choice round the eyes and on the lips: alcohol and adhesives never (SAFE-3). */
function eyesFor(base: PaintTypeKey, shelf: readonly Product[], refused: ReadonlySet<PaintTypeKey>): PaintTypeKey {
  const options: PaintTypeKey[] = [base, "waterGlycerine", "cream", "gelLiner", "powder"];
  const fit = options.filter((type) => !refused.has(type) && !paintType(type).keepout.includes("eye"));
  return fit.find((type) => shelf.some((product) => product.material === type && product.eyeSafe)) ?? fit[0] ?? "waterGlycerine";
}
function lipsFor(shelf: readonly Product[], refused: ReadonlySet<PaintTypeKey>): PaintTypeKey {
  const fit = (["lipLong", "cream", "waterGlycerine"] as const).filter((type) => !refused.has(type));
  return fit.find((type) => shelf.some((product) => product.material === type && product.lipSafe)) ?? fit[0] ?? "waterGlycerine";
}

interface Protection { readonly prep: HelperKey | null; readonly activate: HelperKey | null; readonly seal: HelperKey | null }
const PROTECTIONS: readonly Protection[] = [
  { prep: null, activate: null, seal: null }, { prep: "skinPrep", activate: null, seal: null }, { prep: "skinPrep", activate: null, seal: "barrierSpray" }, { prep: "skinPrep", activate: "sealingMedium", seal: "barrierSpray" },
];

/** Middle of a type's price range, minor units a gram; the shelf's own price where it is there. */
function pricePerGram(type: MaterialKey, shelf: readonly Product[]): number {
  const own = shelf.filter((product) => product.material === type && product.grade !== "prop").map((product) => product.priceMinor / product.sizeGrams);
  const [low, high] = material(type).pricePerGram;
  return own.length ? own.reduce((sum, price) => sum + price, 0) / own.length : (low + high) / 2;
}

const label = (key: MaterialKey) => material(key).label;
const roundHours = (hours: number) => (hours >= 10 ? "over 10 h" : hours >= 1 ? `${Math.floor(hours)} h ${String(Math.round(((hours % 1) * 60) / 5) * 5).padStart(2, "0")}` : `${Math.round((hours * 60) / 5) * 5} min`);

/** 0-1: fumes, fire and what is no cosmetic count against a type, more on sensitive skin. Common practice, no published source. */
function gentleness(type: PaintTypeKey, person: Person): number {
  const kind = paintType(type);
  const harshness = (kind.flammable ? 0.45 : 0) + (kind.cosmetic ? 0 : 0.75) + kind.stain * 0.2;
  return clamp(1 - harshness * (person.skinKind === "sensitive" ? 1.5 : 1));
}

interface Draft extends Omit<PaintSystem, "score" | "parts" | "because" | "against" | "title"> { readonly failure: number; readonly gentle: number; readonly comfort: number; readonly stain: number; readonly strength: number; readonly owned: number; readonly needed: number }

function draft(base: PaintTypeKey, detail: PaintTypeKey, protection: Protection, advice: AdviceBrief, refused: ReadonlySet<PaintTypeKey>, faceCm2: number): Draft {
  const { person, brief, shelf } = advice;
  const set: HelperKey | null = material(base).setting === "powder" || material(detail).setting === "powder" || (isWaterColour(base) && isWaterColour(detail)) ? "settingPowder" : null;
  const system: System = { base, detail, eyes: eyesFor(base, shelf, refused), lips: lipsFor(shelf, refused), prep: protection.prep, activate: isWaterColour(base) ? protection.activate : null, set, seal: protection.seal };
  const helpers = [system.prep, system.activate, system.set, system.seal].filter((key): key is HelperKey => key !== null);
  const wears = JUDGED.map((zone) => zoneWear({ zone, type: base, helpers, person, brief }));
  const worst = wears.reduce((least, wear) => (wear.touchUpHours < least.touchUpHours ? wear : least));
  const tool = toolsFor(base)[0] ?? "dampSponge";
  const coats = paintType(base).vivid >= 0.8 ? 2 : 3;
  const dry = (type: MaterialKey) => {
    const { solvent } = material(type);
    return solvent ? Math.min(60, dryingMinutes({ wetGramsPerM2: wetGramsPerM2(type, toolsFor(type)[0] ?? tool), solvent, airDegC: brief.airDegC, rh: brief.rh, airSpeed: paintingAirSpeed(brief) })) : 2;
  };
  const grams = (faceCm2 / 10_000) * filmPerCoat(base, tool) * coats * TOOLS[tool].waste / material(base).solids;
  const needed = [...new Set<MaterialKey>([base, detail, system.eyes, system.lips, ...helpers])];
  return {
    id: [base, detail, protection.prep, system.activate, protection.seal].filter(Boolean).join("-"), system,
    touchUp: { hours: worst.touchUpHours, zone: worst.zone },
    onMinutes: (coats * faceCm2) / TOOLS[tool].cm2PerMinute + (toolOf(tool).setUpMinutes ?? 0) + 20 + helpers.length * 2, dryMinutes: coats * dry(base) + dry(detail),
    offMinutes: Math.max(material(base).removal.minutes, material(detail).removal.minutes), costMinor: Math.round(grams * pricePerGram(base, shelf) + 0.6 * pricePerGram(detail, shelf) + helpers.length * 15),
    failure: Math.min(...wears.map((wear) => wear.failureHours)), gentle: Math.min(gentleness(base, person), gentleness(detail, person) + 0.2),
    comfort: paintType(base).comfort - helpers.length * 0.03, stain: Math.max(paintType(base).stain, paintType(detail).stain), strength: (paintType(base).vivid + paintType(detail).vivid) / 2,
    owned: needed.filter((key) => shelf.filter((product) => product.material === key).length >= (key === base ? COLOURS_FOR_A_BASE : 1)).length, needed: needed.length,
  };
}

/** A base type counts as at hand from so many colours on. Common practice, no published source. */
const COLOURS_FOR_A_BASE = 3;

const clamp = (value: number) => Math.max(0, Math.min(1, value));

/** Points by name; wear counts most because the brief is hours to be worn. The weights are common practice, no published source. */
function scored(d: Draft, brief: Brief): readonly ScorePart[] {
  const part = (name: ScorePart["name"], most: number, share: number, says: string): ScorePart => ({ name, most, points: Math.round(most * clamp(share) * 10) / 10, says });
  return [
    part("wear", 30, (clamp(d.touchUp.hours / brief.hoursWorn) + clamp(d.failure / brief.hoursWorn)) / 2, `first touch-up after ${roundHours(d.touchUp.hours)} of ${brief.hoursWorn} h`),
    part("gentle", 15, d.gentle, d.gentle > 0.8 ? "kind to skin and lungs" : "label, air and skin need care"),
    part("time", 10, 1 - (d.onMinutes + d.dryMinutes - 20) / 90, `${Math.round(d.onMinutes)} min on, ${Math.round(d.dryMinutes)} min drying`),
    part("comfort", 5, d.comfort, "how it feels through the hours"),
    part("removal", 10, 1 - d.offMinutes / 60, `${d.offMinutes} min to take off`),
    part("strength", 10, d.strength, "strength of colour at one coat"),
    part("cost", 5, 1 - d.costMinor / 1500, `about ${(d.costMinor / 100).toFixed(2)} a face`),
    part("stain", 5, 1 - d.stain, d.stain > 0.4 ? "may leave a tint" : "little staining"),
    part("shelf", 10, d.owned / d.needed, `${d.owned} of ${d.needed} kinds are on your shelf`),
  ];
}

const REASON: Readonly<Record<ScorePart["name"], (d: Draft) => string>> = {
  wear: (d) => (d.touchUp.hours >= 1 ? `holds about ${roundHours(d.touchUp.hours)} before the first touch-up` : "quick to mend when it lifts"),
  time: (d) => `on and dry in about ${Math.round((d.onMinutes + d.dryMinutes) / 5) * 5} min`,
  gentle: () => "kind to skin and lungs",
  comfort: () => "light on the skin through the hours",
  removal: (d) => `off in ${d.offMinutes} min with ${material(d.system.base).removal.with}`,
  strength: () => "strong colour at one coat",
  cost: (d) => `about ${(d.costMinor / 100).toFixed(2)} a face`,
  stain: () => "leaves little tint behind",
  shelf: (d) => (d.owned === d.needed ? "everything is on your shelf" : `${d.owned} of ${d.needed} kinds are on your shelf`),
};

function against(d: Draft, brief: Brief): string {
  if (d.touchUp.hours < brief.hoursWorn) return `needs a touch-up after about ${roundHours(d.touchUp.hours)} of the ${brief.hoursWorn} h`;
  if (d.offMinutes >= 60) return `${Math.round(d.offMinutes / 60)} h to take off, never pulled`;
  if (d.system.base === "alcoholActivated") return "not in the eye sockets or on the lips; air the room, no flame near";
  if (material(d.system.base).setting === "powder") return "every coat has to be powdered";
  return paintType(d.system.base).weakAt;
}

/** Points of one part; what is on the shelf decides between equals. */
const pointsOf = (system: PaintSystem, name: ScorePart["name"]) => system.parts.find((part) => part.name === name)?.points ?? 0;

function title(system: System): string {
  const base = label(system.base);
  return system.detail === system.base ? `${base} throughout` : `${base} base, ${label(system.detail)} lines`;
}

/**
 * Paint systems for a face, best first, and the types left out with the rule that did it.
 *
 * Hard constraints (allergy, age, sensitive skin, substrate; eye and mouth zones get their own safe type) come first and nothing
 * outweighs them; what is left is scored out of 100 in named parts. At most four options, each with a base type of its own.
 */
export function recommendPaint(advice: AdviceBrief): { options: PaintSystem[]; refused: Refusal[] } {
  const candidates = [...new Set<PaintTypeKey>([...baseTypes, ...lineTypes, "lipLong", "latex", "rubberMaskGrease"])];
  const refused = candidates.map((type) => refusal(type, advice)).filter((entry): entry is Refusal => entry !== null);
  const out = new Set(refused.map(({ type }) => type));
  // A product that carries a known allergen is not at hand for this person.
  const safe = { ...advice, shelf: advice.shelf.filter((product) => product.grade !== "prop" && !allergensOf(product).some((allergen) => advice.person.allergies.includes(allergen))) };
  const faceCm2 = faceArea(advice.person);
  const powderOut = advice.person.allergies.includes("talc") && !safe.shelf.some((product) => product.material === "settingPowder");
  const systems = baseTypes.filter((type) => !out.has(type)).flatMap((base) => lineTypes.filter((type) => !out.has(type)).flatMap((detail) => PROTECTIONS.map((protection) => draft(base, detail, protection, safe, out, faceCm2))))
    .filter((d) => !(powderOut && d.system.set === "settingPowder"))
    .map((d): PaintSystem => {
      const parts = scored(d, advice.brief);
      const best = [...parts].sort((a, b) => b.points / b.most - a.points / a.most || b.most - a.most).slice(0, 3);
      return { id: d.id, system: d.system, title: title(d.system), score: Math.round(parts.reduce((sum, part) => sum + part.points, 0)), parts, touchUp: d.touchUp, onMinutes: d.onMinutes, dryMinutes: d.dryMinutes, offMinutes: d.offMinutes, costMinor: d.costMinor, because: best.map((part) => REASON[part.name](d)), against: against(d, advice.brief) };
    })
    .sort((a, b) => b.score - a.score || pointsOf(b, "shelf") - pointsOf(a, "shelf") || a.id.localeCompare(b.id));
  const options = systems.filter((option, i) => systems.findIndex((other) => other.system.base === option.system.base) === i).slice(0, 4);
  return { options, refused };
}
