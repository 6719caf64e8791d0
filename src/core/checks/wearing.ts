import { recipeOf } from "../design/context";
import { zoneInfo, type ZoneId } from "../anatomy";
import { paintingAir } from "../studio";
import { dryingMinutes } from "../climate";
import { chroma, hexToLab, hueAngle } from "../colour";
import {
  auxiliary,
  nearestInColour,
  STANDS_IN,
  goesOver,
  isPaintType,
  isWaterColour,
  material,
  paintType,
  TOOLS,
  toolsFor,
  wetGramsPerM2,
  type MaterialKey,
  type PaintTypeKey,
  type Product,
  finishOf,
} from "../paint";
import { HAZARD_WORDS, HEAT_ADVICE, heatStrain, sweatOf, sweatWords } from "../wear";
import { allowedZones } from "../design/allowedZones";
import { coversBody } from "../design/coversBody";
import type { Remark } from "./finding";
import { together, type Part } from "./together";
import type { LookContext } from "../design/context";
import { applyPatch, type LookPatch } from "../design/patch";
import { protection, wearForecast, type LayerWear } from "../design/protection";
import { isColour } from "../design/roles";
import type { Layer, Look } from "../design/schema";
import { isSetting, type Stack } from "../design/stack";
import { isWearable } from "../design/wearable";
import { zoneWords } from "../design/words";
import { withoutZones } from "./safety";
import { setAfter } from "./setting";
import { auxiliaryLayer } from "../design/auxiliaryLayer";

const keyOf = (stack: Stack, layer: Layer): MaterialKey | undefined =>
  stack.materials.get(layer.id);
const painted = (stack: Stack) =>
  stack.look.layers.flatMap((layer, at) => {
    const key = keyOf(stack, layer);
    return key && isPaintType(key) && isColour(layer.role) && !isSetting(layer, key)
      ? [{ layer, at, key }]
      : [];
  });
const onFace = (zone: ZoneId) => zoneInfo(zone).group === "face";
const hoursWords = (hours: number) =>
  hours < 1
    ? `${Math.max(5, Math.round((hours * 60) / 5) * 5)} min`
    : `${Math.round(hours * 2) / 2} h`;

/** PREP-1: skin that breaks out is spared by a barrier. */
export function unprepared(stack: Stack): Remark[] {
  const { person } = stack.context;
  const bases = painted(stack).filter(({ layer }) => layer.role === "base");
  const zones = [...new Set(bases.flatMap(({ layer }) => layer.zones))];
  const ready = stack.look.layers.some((layer) => keyOf(stack, layer) === "barrierCream");
  if (person.skinKind !== "sensitive" || !bases.length || ready) return [];
  const prep = auxiliaryLayer(stack, {
    key: "barrierCream",
    role: "prep",
    name: "Barrier cream",
    zones,
    at: 0,
  });
  return [
    {
      rule: "PREP-1",
      severity: "tip",
      where: { zones: prep?.layer.zones ?? zones },
      message: `${person.name}'s skin is sensitive: barrier cream or foam under the paint, on clean dry skin.`,
      ...(prep && { fix: prep.patch, fixLabel: "Lay barrier cream first" }),
    },
  ];
}

/** PREP-2: prep under water colour on skin that will sweat. */
export function unprotected(stack: Stack): Remark[] {
  const { person, brief, house } = stack.context;
  const sweat = sweatOf(person, brief, undefined, house);
  if (sweat < house.numbers.prepFrom) return [];
  const open = painted(stack)
    .filter(({ layer, key }) => layer.role === "base" && paintType(key).resists.sweat < 0.8)
    .flatMap(({ layer, at }) =>
      layer.zones.filter(
        (zone) =>
          zoneInfo(zone).traits.sweat >= 0.5 &&
          !protection(stack.look, stack.context, at, zone).includes("skinPrep"),
      ),
    );
  const prep = auxiliaryLayer(stack, {
    key: "skinPrep",
    role: "prep",
    name: "Skin prep",
    zones: [...new Set(open)],
    at: 0,
  });
  if (!open.length || !prep) return [];
  return [
    {
      rule: "PREP-2",
      severity: "caution",
      where: { zones: prep.layer.zones },
      message: `${person.name} will lose ${sweatWords(sweat, person)}: a thin dab of skin prep on ${zoneWords(prep.layer.zones)}, left to dry some minutes, before any paint.`,
      fix: prep.patch,
      fixLabel: "Lay skin prep first",
    },
  ];
}

/** Bases that give out before the day is over, the first to go first. */
function failing(look: Look, context: LookContext): LayerWear[] {
  return wearForecast(look, context)
    .filter(
      ({ layer, zone, failureHours }) =>
        layer.role === "base" && onFace(zone) && failureHours < context.brief.hoursWorn,
    )
    .sort((a, b) => a.failureHours - b.failureHours);
}

/** WEAR-3, SET-5: a base that gives out before the day is over, and what would hold it. */
export function givesOut(stack: Stack): Remark[] {
  const { brief, house } = stack.context;
  const forecast = failing(stack.look, stack.context);
  const first = forecast[0];
  if (!first) return [];
  const { layer, zone, cause } = first;
  const zones = forecast.filter((wear) => wear.layer === layer).map((wear) => wear.zone);
  const mend = lasting(stack, layer, zones);
  return [
    {
      rule: cause === "sweat" && first.failureHours <= 1 ? "WEAR-3" : "SET-5",
      severity: "caution",
      where: { layerId: layer.id, zones },
      message: `${layer.name} has gone too far on ${zoneWords([zone])} after ${hoursWords(first.failureHours)} of ${brief.hoursWorn} h (under ${house.numbers.failureShare} % whole), from ${HAZARD_WORDS[cause]}. ${mend ? "More protection holds it." : "Plan touch-ups, or choose a paint that resists it."}`,
      ...mend,
    },
  ];
}

/** The least protection under which no base of this layer gives out: powder over it, a barrier over all, prep under it, or several of them. */
function lasting(
  stack: Stack,
  layer: Layer,
  zones: readonly ZoneId[],
): { fix: LookPatch; fixLabel: string } | null {
  const { look, context } = stack;
  const powder = setAfter(stack, layer, zones, "");
  const prep = auxiliaryLayer(stack, {
    key: "skinPrep",
    role: "prep",
    name: "Skin prep",
    zones,
    at: 0,
  });
  const seal = auxiliaryLayer(stack, {
    key: "barrierSpray",
    role: "seal",
    name: "Barrier spray",
    zones,
    at: look.layers.length,
  });
  // The last of the stack first, so that places before it still hold.
  const steps = [
    seal && { patch: seal.patch, word: "seal it" },
    powder && { patch: powder.fix, word: "powder it" },
    prep && { patch: prep.patch, word: "prep the skin" },
  ].filter((step) => step !== null);
  for (let most = 1; most <= steps.length; most++) {
    for (const some of choose(steps, most)) {
      const fix: LookPatch = { op: "several", patches: some.map(({ patch }) => patch) };
      if (!failing(applyPatch(look, fix), context).some((wear) => wear.layer.id === layer.id))
        return {
          fix,
          fixLabel: [...some]
            .reverse()
            .map(({ word }) => word)
            .join(", ")
            .replace(/^./, (c) => c.toUpperCase()),
        };
    }
  }
  return null;
}

/** All ways to take so many of a few. */
const choose = <T>(from: readonly T[], n: number): T[][] =>
  n === 0
    ? [[]]
    : from.flatMap((first, i) => choose(from.slice(i + 1), n - 1).map((rest) => [first, ...rest]));

/** SET-6: body work of several layers is sealed in between. */
export function sealBetween(stack: Stack): Remark[] {
  const body = painted(stack).filter(
    ({ layer, key }) =>
      isWaterColour(key) &&
      layer.zones.filter((zone) => zoneInfo(zone).part === "body").length >= 4,
  );
  const [lower, upper] = body;
  if (!lower || !upper) return [];
  const zones = upper.layer.zones.filter(
    (zone) => zoneInfo(zone).part === "body" && lower.layer.zones.includes(zone),
  );
  const between = stack.look.layers
    .slice(lower.at + 1, upper.at)
    .some(
      (layer) =>
        (layer.role === "seal" || layer.role === "set") &&
        layer.zones.some((zone) => zones.includes(zone)),
    );
  if (zones.length < 4 || between) return [];
  const mist = auxiliaryLayer(stack, {
    key: "settingMist",
    role: "seal",
    name: `Mist over ${lower.layer.name}`,
    zones,
    at: lower.at + 1,
  });
  return mist
    ? [
        {
          rule: "SET-6",
          severity: "tip",
          where: { layerId: lower.layer.id, zones },
          message: `Seal ${lower.layer.name} on the body before ${upper.layer.name}: a light mist, left to dry.`,
          fix: mist.patch,
          fixLabel: "Mist it first",
        },
      ]
    : [];
}

/** Finishes that catch the light. */
const SHINES: readonly string[] = ["gloss", "pearl", "metallic", "glitter"];

/** SET-4: shine brings a hollow forward. */
export function shinyHollow(stack: Stack): Remark[] {
  return painted(stack).flatMap(({ layer, at, key }): Remark[] => {
    const used = recipeOf(layer, stack.context.products).map(({ product }) => finishOf(product));
    const finishes = used.length ? used : [paintType(key).finish];
    const hollow = layer.zones.filter((zone) => zoneInfo(zone).relief === "hollow");
    if (
      (layer.role !== "contour" && layer.role !== "shade") ||
      !finishes.some((finish) => SHINES.includes(finish)) ||
      !hollow.length
    )
      return [];
    const open = hollow.filter(
      (zone) => !protection(stack.look, stack.context, at, zone).includes("settingPowder"),
    );
    return open.length
      ? [
          {
            rule: "SET-4",
            severity: "tip",
            where: { layerId: layer.id, zones: open },
            message: `${layer.name} shines, and shine brings a hollow forward: set it with a matte powder of its own colour.`,
            ...setAfter(stack, layer, open, `Powder ${layer.name} matte`),
          },
        ]
      : [];
  });
}

/** The nearest colour among other kinds of paint that this person may wear there, by the same tool or one of its own. */
function otherKind(
  stack: Stack,
  layer: Layer,
  own: Product,
  fits: (kind: PaintTypeKey) => boolean,
): { fix: LookPatch; fixLabel: string } | null {
  if (layer.paint.kind !== "product" || !own.colour) return null;
  const wanted = hexToLab(own.colour);
  const meets = (product: Product) =>
    stack.meetings.every(
      (meeting) =>
        (meeting.upper !== layer || goesOver(meeting.lowerMaterial, product.material)) &&
        (meeting.lower !== layer || goesOver(product.material, meeting.upperMaterial)),
    );
  const isLips = layer.zones.every((zone) => zoneInfo(zone).group === "lips");
  const uses: readonly string[] = isLips ? ["lips"] : ["base", "line"];
  const fit = [...stack.context.products.values()].filter(
    (product) =>
      product.colour &&
      isPaintType(product.material) &&
      fits(product.material) &&
      // What is made for lips, teeth or hair stands in for nothing on a face.
      paintType(product.material).goodFor.some((use) => uses.includes(use)) &&
      isWearable(product, stack.context.person) &&
      allowedZones(layer.zones, product.material, product, stack.context).length ===
        layer.zones.length &&
      meets(product),
  );
  const found = nearestInColour(fit, wanted);
  if (!found || found.far > STANDS_IN.asMeant) return null;
  const tools = toolsFor(found.product.material);
  const tool = tools.includes(layer.tool) ? layer.tool : (tools[0] ?? layer.tool);
  return {
    fix: {
      op: "changeLayer",
      id: layer.id,
      change: {
        paint: { kind: "product", productId: found.product.id },
        tool,
        technique: tool === layer.tool ? layer.technique : TOOLS[tool].techniques[0],
      },
    },
    fixLabel: `Use ${found.product.name}, ${material(found.product.material).label}`,
  };
}
const ownProduct = (stack: Stack, layer: Layer): Product | null =>
  layer.paint.kind === "product"
    ? (stack.context.products.get(layer.paint.productId) ?? null)
    : null;

/** CLIM-1: wax softens where it is hot. */
export function softWax(stack: Stack): Remark[] {
  const { brief, house } = stack.context;
  if (brief.airDegC + (brief.sun ? 4 : 0) < house.numbers.waxSoftens) return [];
  const soft = painted(stack).flatMap(({ layer, key }): Part[] => {
    const product = ownProduct(stack, layer);
    if (
      paintType(key).resists.heat >= 0.5 ||
      key === "cream" ||
      key === "rubberMaskGrease" ||
      key === "pencil"
    )
      return [];
    const mend =
      product && otherKind(stack, layer, product, (kind) => paintType(kind).resists.heat >= 0.8);
    const where = { layerId: layer.id, zones: layer.zones };
    return [{ name: layer.name, where, mend: mend || null }];
  });
  return together(
    soft,
    (names, count) => ({
      rule: "CLIM-1",
      severity: "caution",
      message: `${names} ${count > 1 ? "are" : "is"} wax: it softens at ${Math.round(brief.airDegC)} °C${brief.sun ? " in the sun" : ""} and ${count > 1 ? "their lines spread" : "the line spreads"}.`,
    }),
    "Use paints that stand the heat",
  );
}

/** CLIM-1: damp, still air in which a coat takes long to dry. */
export function slowToDry(stack: Stack): Remark[] {
  const { brief, house, studio } = stack.context;
  const air = paintingAir(brief, studio);
  const slow = stack.look.layers.flatMap((layer) => {
    const key = keyOf(stack, layer);
    const solvent = key && material(key).solvent;
    if (!key || !solvent) return [];
    const minutes = dryingMinutes({
      wetGramsPerM2: wetGramsPerM2(key, layer.tool),
      solvent,
      ...air,
    });
    return minutes >= house.numbers.slowCoat ? [{ layer, minutes }] : [];
  });
  const worst = slow.reduce<(typeof slow)[number] | null>(
    (most, entry) => (most && most.minutes >= entry.minutes ? most : entry),
    null,
  );
  if (!worst || brief.dryer) return [];
  return [
    {
      rule: "CLIM-1",
      severity: "tip",
      where: { layerId: worst.layer.id, zones: worst.layer.zones },
      message: `At ${air.words} a coat of ${worst.layer.name} takes ${worst.minutes > house.numbers.longestWait ? "over an hour" : `about ${Math.round(worst.minutes)} min`} to dry. A cool hand dryer at the chair (in the brief) brings it to a few.`,
    },
  ];
}

/** WEAR-1: no grease on hands, whatever the weather. */
export function greasyHands(stack: Stack): Remark[] {
  return painted(stack).flatMap(({ layer, key }): Remark[] => {
    const hands = layer.zones.filter((zone) => zoneInfo(zone).group === "hands");
    if (material(key).behaves !== "cream" || !hands.length) return [];
    const product = ownProduct(stack, layer);
    const mend =
      hands.length === layer.zones.length && product
        ? otherKind(stack, layer, product, (kind) => material(kind).behaves !== "cream")
        : null;
    return [
      {
        rule: "WEAR-1",
        severity: "caution",
        where: { layerId: layer.id, zones: hands },
        message: `${layer.name} is ${material(key).label} on ${zoneWords(hands)}: it comes off on all they touch. Keep grease off hands.`,
        ...(mend ?? withoutZones(stack, layer, hands)),
      },
    ];
  });
}

/** WEAR-2: lips that eat and drink. */
export function eatenLips(stack: Stack): Remark[] {
  if (!stack.context.brief.meal) return [];
  return painted(stack).flatMap(({ layer, key }): Remark[] => {
    const lips = layer.zones.filter((zone) => zoneInfo(zone).group === "lips");
    if (!lips.length || key === "lipLong") return [];
    const product = ownProduct(stack, layer);
    const mend =
      lips.length === layer.zones.length && product
        ? otherKind(stack, layer, product, (kind) => kind === "lipLong")
        : null;
    return [
      {
        rule: "WEAR-2",
        severity: "tip",
        where: { layerId: layer.id, zones: lips },
        message: `There is a meal: ${layer.name} will be eaten off the lips. A straw, long-wear lip colour, and a repaint after it.`,
        ...mend,
      },
    ];
  });
}

/** LAYER-4: powder colour on bare skin. */
export function barePowder(stack: Stack): Remark[] {
  return painted(stack).flatMap(({ layer, at, key }): Remark[] => {
    if (key !== "powder") return [];
    const bare = layer.zones.filter(
      (zone) =>
        !stack.look.layers
          .slice(0, at)
          .some((lower) => lower.zones.includes(zone) && isColour(lower.role)),
    );
    return bare.length === layer.zones.length && bare.length
      ? [
          {
            rule: "LAYER-4",
            severity: "tip",
            where: { layerId: layer.id, zones: bare },
            message: `${layer.name} is powder on bare skin: it barely shows there. On a tacky colour it deepens.`,
          },
        ]
      : [];
  });
}

/** LAYER-7: nothing is swept over a powdered coat. */
export function swept(stack: Stack): Remark[] {
  const found = new Map<Layer, Set<ZoneId>>();
  for (const { upper, upperMaterial, state, zones } of stack.meetings) {
    if (
      state !== "powdered" ||
      upper.technique !== "stroke" ||
      upper.marks.length ||
      !isPaintType(upperMaterial)
    )
      continue;
    found.set(upper, new Set([...(found.get(upper) ?? []), ...zones]));
  }
  return [...found].map(([layer, zones]): Remark => {
    const canPat = (TOOLS[layer.tool].techniques as readonly string[]).includes("pat");
    return {
      rule: "LAYER-7",
      severity: "tip",
      where: { layerId: layer.id, zones: [...zones] },
      message: `${layer.name} is stroked over a powdered coat and lifts it: pat it on.`,
      ...(canPat && {
        fix: { op: "changeLayer", id: layer.id, change: { technique: "pat" } } as const,
        fixLabel: "Pat it on",
      }),
    };
  });
}

/** Hues that stain most (REMOVE-1): reds, greens and blues, in degrees of CIELAB hue. Common practice, no published source. */
const STAINING: readonly (readonly [string, number, number])[] = [
  ["red", 0, 50],
  ["green", 120, 190],
  ["blue", 230, 310],
];
/** Duller colours have too little pigment to matter. */
const STRONG_CHROMA = 28;

/** The family of a pigment that stains, by its colour; null for what hardly does. */
export function stainingHue(hex: string): string | null {
  const lab = hexToLab(hex);
  const hue = (hueAngle(lab) + 360) % 360;
  return chroma(lab) >= STRONG_CHROMA
    ? (STAINING.find(([, from, to]) => hue >= from && hue <= to)?.[0] ?? null)
    : null;
}

/** REMOVE-1: strong reds, blues and greens of staining kinds straight on the skin. */
export function stains(stack: Stack): Remark[] {
  return painted(stack).flatMap(({ layer, at, key }): Remark[] => {
    if (paintType(key).stain < 0.4) return [];
    const product = ownProduct(stack, layer);
    const hue = product?.colour ? stainingHue(product.colour) : null;
    const onSkin = layer.zones.filter(
      (zone) =>
        !stack.look.layers
          .slice(0, at)
          .some(
            (lower) =>
              lower.zones.includes(zone) &&
              (isColour(lower.role) || keyOf(stack, lower) === "barrierCream"),
          ),
    );
    if (!hue || !onSkin.length) return [];
    // Where no barrier may lie nothing is to be done but to take it off soon.
    const reach = allowedZones(onSkin, "barrierCream", null, stack.context);
    const told = (reach.length ? reach : onSkin).filter((zone) => zoneInfo(zone).group !== "lips");
    if (!told.length) return [];
    const fair = hexToLab(stack.context.person.skin)[0] > 60;
    const prep = auxiliaryLayer(stack, {
      key: "barrierCream",
      role: "prep",
      name: `Barrier under ${layer.name}`,
      zones: told,
      at: 0,
    });
    return [
      {
        rule: "REMOVE-1",
        severity: "tip",
        where: { layerId: layer.id, zones: told },
        message: `${layer.name} is a strong ${hue} of ${material(key).label} straight on the skin: it may leave a tint for a day or two${fair ? ", and shows on fair skin" : ""}. Barrier cream under it, oil first when it comes off.`,
        ...(prep && { fix: prep.patch, fixLabel: "Lay barrier cream under it" }),
      },
    ];
  });
}

/** SAFE-9: paint and costume in the heat. */
export function coveredInHeat(stack: Stack): Remark[] {
  const { brief, house, person } = stack.context;
  const zones = new Set(painted(stack).flatMap(({ layer }) => layer.zones));
  if (!zones.size) return [];
  const strain = heatStrain(person, brief, coversBody([...zones]), house);
  if (!strain) return [];
  return [
    {
      rule: "SAFE-9",
      severity: "caution",
      where: { zones: [] },
      message: `Heat strains ${person.name}: ${strain.reasons.join("; ")}. ${HEAT_ADVICE}`,
    },
  ];
}

/** Parts of the body that a garment passes over as it is put on. */
const PULLED_OVER = new Set([
  "collar",
  ...["shoulderFront", "shoulderBack", "chest", "belly", "upperBack", "lowerBack"],
  ...["upperArmFront", "upperArmBack", "thighFront", "thighBack"],
]);
const TORSO_AND_ARMS = ["shoulders", "chest", "belly", "back", "upperArms"] as const;
/** What resists rubbing so well needs nothing over it, 0-1. Common practice, no published source. */
const HOLDS = 0.75;

/** WEAR-5: clothes that go back over paint nothing was laid over. */
export function clothesOver(stack: Stack): Remark[] {
  const { brief } = stack.context;
  if (TORSO_AND_ARMS.every((part) => brief.bares.includes(part))) return [];
  const open = painted(stack)
    .filter(({ layer, key }) => !layer.marks.length && paintType(key).resists.rubbing < HOLDS)
    .map(({ layer, at }) => ({
      layer,
      zones: layer.zones.filter(
        (zone) =>
          PULLED_OVER.has(zoneInfo(zone).kind) &&
          !protection(stack.look, stack.context, at, zone).some(
            (helper) => (auxiliary(helper).eases.rubbing ?? 1) < 1,
          ),
      ),
    }))
    .filter(({ zones }) => zones.length > 0);
  const last = open.at(-1);
  if (!last) return [];
  const zones = [...new Set(open.flatMap((entry) => entry.zones))];
  return [
    {
      rule: "WEAR-5",
      severity: "tip",
      where: { layerId: last.layer.id, zones },
      message: `Clothes go back over ${zoneWords(zones)}: powder it and let it rest until nothing comes off on a fingertip, then wear something loose that opens in front.`,
      ...setAfter(stack, last.layer, zones, "Powder it before the clothes"),
    },
  ];
}
