import { remember } from "../remember";
import { ZONES, type ZoneId } from "../anatomy";
import type { Brief } from "../brief";
import { paintingAir, USUAL_STUDIO, type StudioSettings } from "../studio";
import { dryingMinutes } from "../climate";
import { exposedZones, figureOf, isBareOn, type LookContext, type PaintKit } from "../look";
import {
  filmPerCoat,
  freshState,
  auxiliary,
  isWaterColour,
  material,
  pairing,
  paintType,
  toolOf,
  cm2PerMinuteOn,
  TOOLS,
  toolsFor,
  wetGramsPerM2,
  type AuxiliaryKey,
  type MaterialKey,
  type PaintTypeKey,
  type Product,
  type ToolKey,
} from "../paint";
import type { Person } from "../people";
import { HOUSE, type House } from "../rules";
import { hazardsOf, onPiece, wearUnder, type Hazards, type ZoneWear } from "../wear";
import { mayAirbrush } from "./air";
import { GROUPS, protectionsFor, type AdviceGroup } from "./groups";
import { auxiliaryAllowed, refusal, safeShelf } from "./refusals";

/** What a recommendation is made from. */
export interface AdviceBrief {
  readonly person: Person;
  readonly brief: Brief;
  /** Products at hand: a system that can be painted from the shelf is worth more. */
  readonly shelf: readonly Product[];
  readonly house?: House;
  readonly studio?: StudioSettings;
  /** How much faster each kind wears than the house forecasts, by the painter's own records. */
  readonly factors?: LookContext["factors"];
}

/** A kit for a group with all that is measured of it; nothing is weighed yet. */
export interface Candidate {
  readonly kit: PaintKit;
  /** The zone of the base that needs mending first. */
  readonly first: ZoneWear;
  readonly failureHours: number;
  /** Hours until the lines need mending; the base's where there are none. */
  readonly lineHours: number;
  readonly onMinutes: number;
  readonly dryMinutes: number;
  readonly offMinutes: number;
  readonly costMinor: number;
  /** 0-1 each. */
  readonly gentle: number;
  readonly comfort: number;
  readonly stain: number;
  readonly strength: number;
  readonly blends: number;
  readonly lines: number;
  readonly thin: number;
  /** 0-1: how little besides paint and water it takes. */
  readonly simple: number;
  readonly owned: number;
  readonly needed: number;
}

/** A base type counts as at hand from so many colours on. Common practice, no published source. */
const COLOURS_FOR_A_BASE = 3;
/** Minutes of lines and care on a face besides the base, and for each protection. Common practice, no published source. */
const [DETAIL_MINUTES, AUXILIARY_MINUTES] = [20, 2];
/** Grams of a detail colour, and pence of an auxiliary, that a face takes. Common practice, no published source. */
const [DETAIL_GRAMS, AUXILIARY_MINOR] = [0.6, 15];
/** Never waited for longer than this, min. */
const LONGEST_DRY = 60;
/** A coat this thin shows the skin's own surface, and one this thick lies on it like a mask, g/m2. Common practice, no published source. */
const [THIN_FILM, THICK_FILM] = [5, 18];

/** What is no zone of the skin: a brow piece, and the front teeth, cm2. Common practice, no published source. */
const USUAL_AREA: Partial<Record<AdviceGroup, number>> = { prosthetic: 120, teeth: 12 };

/** Skin of each group on a person with nothing covered, cm2. */
const areasOf = remember((person: Person): ReadonlyMap<AdviceGroup, number> => {
  const figure = figureOf(person);
  return new Map(
    (Object.keys(GROUPS) as AdviceGroup[]).map((key) => [
      key,
      ZONES.filter(
        ({ id, part, kind, frame }) =>
          GROUPS[key].covers(id) &&
          isBareOn(id, person) &&
          (part === "body" || (frame === "front" && kind !== "collar")),
      ).reduce((sum, { id }) => sum + figure.zone(id).areaCm2, 0),
    ]),
  );
});

/** Skin of a group, cm2, as far as the brief shows it. */
export function areaOf(group: AdviceGroup, person: Person, brief: Pick<Brief, "bares">): number {
  const usual = USUAL_AREA[group];
  if (usual !== undefined) return usual;
  // A costume leaves so many of the parts of a body bare.
  return (
    (areasOf(person).get(group) ?? 0) *
    (group === "body"
      ? Math.min(1, Math.max(0.1, brief.bares.filter((part) => part !== "hands").length / 9))
      : 1)
  );
}

/** Middle of a type's price range, minor units a gram; the shelf's own price where it is there. */
function pricePerGram(type: MaterialKey, shelf: readonly Product[]): number {
  const own = shelf
    .filter((product) => product.material === type)
    .map((product) => product.priceMinor / product.sizeGrams);
  const [low, high] = material(type).pricePerGram;
  return own.length ? own.reduce((sum, price) => sum + price, 0) / own.length : (low + high) / 2;
}

/** 0-1: fumes, fire and what is no cosmetic count against a type, more on sensitive skin. Common practice, no published source. */
function gentleness(
  type: PaintTypeKey,
  person: Pick<Person, "skinKind">,
  barrier: boolean,
): number {
  const kind = paintType(type);
  const harshness = (kind.flammable ? 0.45 : 0) + (kind.cosmetic ? 0 : 0.75) + kind.stain * 0.2;
  const skin = person.skinKind === "sensitive" ? (barrier ? 1.2 : 1.6) : 1;
  return clamp(1 - harshness * skin - (person.skinKind === "sensitive" && !barrier ? 0.15 : 0));
}
/** What lies on a piece spares the skin: of its harshness only the air's half counts. Common practice, no published source. */
const gentlest = (gentle: number, group: AdviceGroup) =>
  group === "prosthetic" ? (1 + gentle) / 2 : gentle;

const clamp = (value: number) => Math.max(0, Math.min(1, value));

/** 0-1: how softly a base blends; on a piece all that is made for pieces does. Common practice, no published source. */
const softness = (type: PaintTypeKey, piece: boolean) =>
  paintType(type).goodFor.includes(piece ? "prosthetic" : "blend")
    ? toolsFor(type)[0] === "airbrush"
      ? 0.85
      : 1
    : 0.35;

/** 0-1: how finely a detail draws; wax is the finest until it softens (CLIM-1). Common practice, no published source. */
function fineness(type: PaintTypeKey, brief: Brief, house: House): number {
  if (!paintType(type).goodFor.includes("line")) return 0.35;
  if (paintType(type).resists.heat >= 0.5) return 0.85;
  return (
    1 - 0.8 / (1 + Math.exp(-(brief.airDegC + (brief.sun ? 4 : 0) - house.numbers.waxSoftens) / 2))
  );
}

/** The tool a type is laid with: over a body the quickest it has. */
function toolFor(type: MaterialKey, group: AdviceGroup, sprays: boolean): ToolKey {
  const tools = toolsFor(type).filter(
    (tool) => tool !== "splatterBrush" && (sprays || tool !== "airbrush"),
  );
  return (
    (group === "body"
      ? [...tools].sort((a, b) => TOOLS[b].cm2PerMinute - TOOLS[a].cm2PerMinute)[0]
      : tools[0]) ?? "dampSponge"
  );
}

/** A compressor counts as a kind one needs, and as so much in power and cleaning, minor units (KIT-3). Common practice, no published source. */
const GEAR_MINOR = 250;

/** What is asked of every type again and again for one brief. */
function costsOf(advice: AdviceBrief, shelf: readonly Product[]) {
  const { brief } = advice;
  const air = paintingAir(brief, advice.studio ?? USUAL_STUDIO);
  const known = new Map<MaterialKey, { dry: number; price: number; owned: number }>();
  return (type: MaterialKey) => {
    const found = known.get(type);
    if (found) return found;
    const { solvent } = material(type);
    const tool = toolsFor(type)[0] ?? "dampSponge";
    const dry = solvent
      ? Math.min(
          LONGEST_DRY,
          dryingMinutes({ wetGramsPerM2: wetGramsPerM2(type, tool), solvent, ...air }),
        )
      : 2;
    const made = {
      dry,
      price: pricePerGram(type, shelf),
      owned: shelf.filter((product) => product.material === type).length,
    };
    known.set(type, made);
    return made;
  };
}

/** Whether a detail may go over a base in a kit as it is: the pair table decides, and mud is avoided by powder or by patting. */
function goesTogether(kit: PaintKit, group: AdviceGroup): boolean {
  const state = kit.set ? "powdered" : freshState(kit.base);
  if (group === "prosthetic" && pairing("foamPiece", "dry", kit.base).verdict !== "fine")
    return false;
  if (
    kit.base !== kit.detail &&
    pairing(kit.base, state, kit.detail).verdict !== "fine" &&
    !(isWaterColour(kit.base) && isWaterColour(kit.detail))
  )
    return false;
  return kit.prep === null || pairing(kit.prep, "dry", kit.base).verdict === "fine";
}

/** Hazards of a zone as a group meets them: paint on a piece is kept from the skin. */
export function hazardsIn(
  group: AdviceGroup,
  zone: ZoneId,
  person: Person,
  brief: Brief,
  house: House,
): Hazards {
  const raw = hazardsOf(zone, person, brief, house);
  return group === "prosthetic" ? onPiece(raw) : raw;
}

/** The zones a group is judged by: of a body those that the costume leaves bare. */
export function judgedZones(
  group: AdviceGroup,
  brief: Pick<Brief, "hood" | "highCollar" | "bares">,
): readonly ZoneId[] {
  const { judged } = GROUPS[group];
  if (group !== "body") return judged;
  const shown = new Set(exposedZones(brief));
  const bare = judged.filter((zone) => shown.has(zone));
  return bare.length ? bare : judged;
}

/** Every kit that the hard constraints leave for a group: prep x base x activation x detail x set x seal. */
export function candidatesFor(group: AdviceGroup, advice: AdviceBrief): Candidate[] {
  const { person, brief, house = HOUSE } = advice;
  const definition = GROUPS[group];
  const shelf = safeShelf(advice.shelf, person);
  const allowed = (type: PaintTypeKey) => refusal(type, group, advice) === null;
  const protections = protectionsFor(group, auxiliaryAllowed(advice));
  const cost = costsOf(advice, shelf);
  const wearOf = wearsOf(
    judgedZones(group, brief).map((zone): readonly [typeof zone, Hazards] => [
      zone,
      hazardsIn(group, zone, person, brief, house),
    ]),
    house,
    advice.factors,
  );
  const area = areaOf(group, person, brief);
  const sprays = mayAirbrush(advice, advice.studio ?? USUAL_STUDIO);
  const found: Candidate[] = [];
  for (const base of definition.bases.filter(allowed))
    for (const detail of definition.lines > 0 ? definition.details.filter(allowed) : [base]) {
      const sticky = material(base).setting === "powder" || material(detail).setting === "powder";
      const wet = isWaterColour(base) || isWaterColour(detail);
      for (const prep of protections.prep)
        for (const activate of wet ? protections.activate : [null])
          for (const set of sticky
            ? protections.set.filter((key) => key !== null)
            : protections.set)
            for (const seal of protections.seal) {
              const kit: PaintKit = { base, detail, prep, activate, set, seal };
              if (goesTogether(kit, group))
                found.push(
                  measured(kit, {
                    person,
                    brief,
                    wearOf,
                    house,
                    area,
                    cost,
                    lines: definition.lines,
                    group,
                    sprays,
                  }),
                );
            }
    }
  return found;
}

/** The weakest of a group's zones under a type and its helpers. */
interface Weakest {
  readonly first: ZoneWear;
  readonly failureHours: number;
}

/** The same paint under the same helpers is asked for with every detail that could go over it. */
function wearsOf(
  hazards: readonly (readonly [ZoneId, Hazards])[],
  house: House,
  factors: AdviceBrief["factors"] = {},
): (type: PaintTypeKey, helpers: readonly AuxiliaryKey[]) => Weakest {
  const known = new Map<string, Weakest>();
  return (type, helpers) => {
    const key = `${type} ${helpers.join(" ")}`;
    const found = known.get(key);
    if (found) return found;
    const wears = hazards.map(([zone, raw]) =>
      wearUnder(zone, raw, type, helpers, house, factors[type] ?? 1),
    );
    const made = {
      first: wears.reduce((worst, wear) => (wear.touchUpHours < worst.touchUpHours ? wear : worst)),
      failureHours: wears.reduce((worst, wear) => Math.min(worst, wear.failureHours), Infinity),
    };
    known.set(key, made);
    return made;
  };
}

interface Ground {
  readonly person: Person;
  readonly brief: Brief;
  readonly wearOf: ReturnType<typeof wearsOf>;
  readonly house: House;
  readonly area: number;
  readonly cost: ReturnType<typeof costsOf>;
  readonly lines: number;
  readonly group: AdviceGroup;
  /** An airbrush may be used. */ readonly sprays: boolean;
}

const only = (keys: readonly (AuxiliaryKey | null)[]) =>
  keys.filter((key): key is AuxiliaryKey => key !== null);

function measured(
  kit: PaintKit,
  { person, brief, wearOf, house, area, cost, lines, group, sprays }: Ground,
): Candidate {
  const { base, detail, prep, activate, set, seal } = kit;
  const under = only([prep, isWaterColour(base) ? activate : null, set, seal]);
  const over = only([isWaterColour(detail) ? activate : null, set, seal]);
  const { first, failureHours } = wearOf(base, under);
  const tool = toolFor(base, group, sprays);
  const face = group === "face";
  const gear = tool === "airbrush";
  const coats = paintType(base).vivid >= 0.8 ? 2 : 3;
  const film = filmPerCoat(base, tool);
  const helpers = only([prep, activate, set, seal]);
  const share = Math.min(1, area / 400);
  const grams = ((area / 10_000) * film * coats * TOOLS[tool].waste) / material(base).solids;
  const needed = [...new Set<MaterialKey>([base, detail, ...helpers])];
  return {
    kit,
    first,
    failureHours,
    lineHours: lines > 0 ? wearOf(detail, over).first.touchUpHours : first.touchUpHours,
    onMinutes:
      (coats * area) / cm2PerMinuteOn(tool, group === "body" ? "body" : "head") +
      (toolOf(tool).setUpMinutes ?? 0) +
      (face ? DETAIL_MINUTES : lines * DETAIL_MINUTES) +
      helpers.length * AUXILIARY_MINUTES * Math.max(0.5, area / 400),
    dryMinutes:
      coats * cost(base).dry +
      (lines > 0 && detail !== base ? cost(detail).dry : 0) +
      helpers.reduce(
        (sum, key) =>
          sum +
          (auxiliary(key).use === "activate" || auxiliary(key).use === "set"
            ? 0.5
            : Math.min(5, cost(key).dry)),
        0,
      ),
    offMinutes:
      Math.max(material(base).removal.minutes, material(detail).removal.minutes) *
      Math.max(0.5, Math.sqrt(share) * Math.max(1, Math.sqrt(area / 400))),
    costMinor: Math.round(
      grams * cost(base).price +
        (lines > 0 ? DETAIL_GRAMS * cost(detail).price : 0) +
        helpers.length * AUXILIARY_MINOR * Math.max(0.5, area / 400) +
        (gear ? GEAR_MINOR : 0),
    ),
    gentle: gentlest(
      Math.min(
        gentleness(base, person, prep === "barrierCream"),
        gentleness(detail, person, prep === "barrierCream") + 0.2,
      ),
      group,
    ),
    comfort: group === "prosthetic" ? 0.8 : clamp(paintType(base).comfort - helpers.length * 0.03),
    stain: Math.max(
      paintType(base).stain * (prep === "barrierCream" ? 0.5 : 1),
      paintType(detail).stain * 0.8,
    ),
    strength: paintType(base).vivid * (1 - lines) + paintType(detail).vivid * lines,
    blends: softness(base, group === "prosthetic"),
    lines: fineness(detail, brief, house),
    thin:
      clamp((THICK_FILM - film) / (THICK_FILM - THIN_FILM)) *
      (paintType(base).finish === "gloss" && !set ? 0.5 : 1),
    simple: 1 - helpers.length / 4,
    owned:
      needed.filter((key) => cost(key).owned >= (key === base && face ? COLOURS_FOR_A_BASE : 1))
        .length + (gear && cost("airbrushWater").owned > 0 ? 1 : 0),
    needed: needed.length + (gear ? 1 : 0),
  };
}
