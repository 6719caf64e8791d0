import {
  deltaE00,
  filmReflectance,
  hexToLab,
  labFromReflectance,
  paintOptics,
  type Spectrum,
} from "../colour";
import { zoneInfo, type ZoneId } from "../anatomy";
import {
  auxiliary,
  filmsPerCoat,
  material,
  nearestInColour,
  productOptics,
  type MaterialKey,
  type Product,
} from "../paint";
import type { Remark } from "./finding";
import { materialOf, paintWords } from "../design/context";
import { freeLayerId, type LookPatch } from "../design/patch";
import { joined } from "../design/auxiliaryLayer";
import { isBareOn } from "../design/exposedZones";
import { keptFrom } from "../design/mayNotTouch";
import { PLAIN_LAYER, type Layer, type PaintChoice } from "../design/schema";
import { isSetting, type Stack } from "../design/stack";
import { isWearable, mayHoldKind } from "../design/wearable";
import { zoneWords } from "../design/words";

/** A pressed powder may change what is under it by no more than this, or than a neutral one does, dE00. Common practice, no published source. */
const HARDLY = 3;

/** What a press of a powder makes of a colour, dE00; of neutral powder where no product is named. */
function changeBy(powder: Product | null, colour: Spectrum): number {
  const optics = powder ? productOptics(powder) : NEUTRAL;
  const film = filmsPerCoat(powder?.material ?? "settingPowder", "puff");
  const over = optics && filmReflectance(optics, film, colour);
  return over ? deltaE00(labFromReflectance(over), labFromReflectance(colour)) : 0;
}
const { veil } = auxiliary("settingPowder");
const NEUTRAL = veil && paintOptics({ masstone: hexToLab(veil.hex), hiding: veil.hiding });

type Colours = readonly Spectrum[];
const mostChange = (powder: Product, colours: Colours): number =>
  Math.max(0, ...colours.map((colour) => changeBy(powder, colour)));

/** The setting powder that is seen least on all of these colours; null where each of them would tint one. */
function leastSeen(powders: readonly Product[], colours: Colours): Product | null {
  const [least] = powders
    .filter(({ material }) => material === "settingPowder")
    .map((product) => ({ product, change: mostChange(product, colours) }))
    .sort((a, b) => a.change - b.change);
  return least && isHardlySeen(least.product, colours) ? least.product : null;
}

const isHardlySeen = (powder: Product, colours: Colours): boolean =>
  colours.every(
    (colour) => changeBy(powder, colour) <= Math.max(HARDLY, changeBy(null, colour) + 1),
  );

/** The powder on the shelf whose colour is nearest to what it sets, that this person may wear on all of these zones; neutral setting powder where none comes close; null where there is none. */
export function powderFor(
  stack: Stack,
  layer: Layer,
  zones: readonly ZoneId[],
): PaintChoice | null {
  const { person, products, house } = stack.context;
  const at = zones[0] ?? "forehead";
  const film = stack.prediction.films.get(at)?.find((entry) => entry.layer.id === layer.id);
  const seen = film && labFromReflectance(film.colour);
  const fits = (key: MaterialKey, product: Product | null) =>
    keptFrom(zones, key, product, stack.context).length === 0;
  const powders = [...products.values()].filter(
    (product) =>
      (product.material === "powder" || product.material === "settingPowder") &&
      isWearable(product, person) &&
      fits(product.material, product),
  );
  const grounds = zones.map(
    (zone) =>
      stack.prediction.films.get(zone)?.find((entry) => entry.layer.id === layer.id)?.colour ??
      stack.prediction.bare(zone),
  );
  const best = seen ? nearestInColour(powders, seen) : null;
  if (best && best.far <= house.numbers.powderMatch && isHardlySeen(best.product, grounds))
    return { kind: "product", productId: best.product.id };
  const neutral = leastSeen(powders, grounds);
  if (neutral) return { kind: "product", productId: neutral.id };
  return mayHoldKind("settingPowder", person) && fits("settingPowder", null)
    ? { kind: "material", material: "settingPowder" }
    : null;
}

/** Where powder may be pressed on this person: not on lips, which are left as their colour has them, nor where nothing that sets may lie. */
function powderable(stack: Stack, zones: readonly ZoneId[]): ZoneId[] {
  const { person, products } = stack.context;
  const powders = [...products.values()].filter(
    (product) => product.material === "settingPowder" && isWearable(product, person),
  );
  const shut = (key: MaterialKey, product: Product | null) =>
    new Set(keptFrom(zones, key, product, stack.context));
  const kept = powders.length
    ? powders.map((product) => shut("settingPowder", product))
    : [shut("settingPowder", null)];
  return zones.filter(
    (zone) =>
      zoneInfo(zone).group !== "lips" &&
      isBareOn(zone, person) &&
      !kept.every((set) => set.has(zone)),
  );
}

/** Presses powder over a layer straight after it, by a layer of its own; nothing where no powder is safe for this person. */
export function setAfter(
  stack: Stack,
  layer: Layer,
  zones: readonly ZoneId[],
  fixLabel: string,
): { fix: LookPatch; fixLabel: string } | null {
  const { look } = stack;
  const reach = powderable(stack, zones);
  const paint = reach.length ? powderFor(stack, layer, reach) : null;
  if (!paint) return null;
  const at = look.layers.indexOf(layer) + 1;
  const powder: Layer = {
    ...PLAIN_LAYER,
    id: freeLayerId(look, `set-${layer.id}`),
    role: "set",
    name: `Powder over ${layer.name}`.slice(0, 80),
    zones: [...reach],
    paint,
    tool: "puff",
    technique: "press",
    coats: 1,
  };
  return { fix: joined(look, powder, at), fixLabel };
}

const isTacky = (key: MaterialKey) => material(key).setting === "powder";
const REWORKABLE: readonly MaterialKey[] = [
  "cream",
  "rubberMaskGrease",
  "corrector",
  "concealer",
  "pencil",
];

/** SET-1: what never dries is powdered before anything follows, and before the performer leaves the chair. */
export function unset(stack: Stack): Remark[] {
  const remarks = new Map<string, { layer: Layer; zones: Set<ZoneId> }>();
  const note = (layer: Layer, zones: readonly ZoneId[]) => {
    const entry = remarks.get(layer.id) ?? { layer, zones: new Set() };
    zones.forEach((zone) => entry.zones.add(zone));
    remarks.set(layer.id, entry);
  };
  stack.leftTacky.forEach(({ layer, zones }) => note(layer, zones));
  for (const { lower, state, upperMaterial, lowerMaterial, zones } of stack.meetings) {
    // Cream blends into cream while both are open: that is how they are worked, and one powdering sets them together.
    if (state === "tacky" && !(isTacky(upperMaterial) && REWORKABLE.includes(lowerMaterial)))
      note(lower, zones);
  }
  return [...remarks.values()].flatMap(({ layer, zones: found }): Remark[] => {
    // Lip and eye colours that no powder may lie on are left alone.
    const zones = powderable(stack, [...found]);
    if (!zones.length) return [];
    return [
      {
        rule: "SET-1",
        severity: "caution",
        where: { layerId: layer.id, zones },
        message: `${layer.name} (${paintWords(layer, stack.context.products)}) never dries by itself. Powder it on ${zoneWords(zones)} before anything else touches it.`,
        ...setAfter(stack, layer, zones, "Add a powder step"),
      },
    ];
  });
}

/** SET-2: neutral powder over pure white. */
export function neutralOverWhite(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer, at): Remark[] => {
    const key = materialOf(layer, stack.context.products);
    if (key !== "settingPowder" || layer.role !== "set") return [];
    const product =
      layer.paint.kind === "product"
        ? stack.context.products.get(layer.paint.productId)
        : undefined;
    if (product?.colour && hexToLab(product.colour)[0] > 94) return [];
    const white = layer.zones.filter((zone) => {
      const before = stack.prediction.films
        .get(zone)
        ?.find((film) => film.layer.id === layer.id)?.before;
      const lab = before && labFromReflectance(before);
      return lab !== undefined && lab[0] > 90 && Math.hypot(lab[1], lab[2]) < 6;
    });
    const under = stack.look.layers
      .slice(0, at)
      .findLast((other) => white.some((zone) => other.zones.includes(zone)));
    if (!white.length || !under) return [];
    const whitePowder = [...stack.context.products.values()].find(
      (candidate) =>
        isWearable(candidate, stack.context.person) &&
        keptFrom(white, candidate.material, candidate, stack.context).length === 0 &&
        (candidate.material === "powder" || candidate.material === "settingPowder") &&
        candidate.colour &&
        hexToLab(candidate.colour)[0] > 94,
    );
    return [
      {
        rule: "SET-2",
        severity: "tip",
        where: { layerId: layer.id, zones: white },
        message: `Neutral powder dulls and warms the white of ${under.name}. White powder keeps it.`,
        ...(whitePowder && {
          fix: {
            op: "changeLayer",
            id: layer.id,
            change: { paint: { kind: "product", productId: whitePowder.id } },
          } as const,
          fixLabel: `Use ${whitePowder.name}`,
        }),
      },
    ];
  });
}

/** BROW-1: glue stick wants two or three thin layers, each pressed with powder, until the ridges of the hair are filled. */
export function thinHold(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer, at): Remark[] => {
    if (stack.materials.get(layer.id) !== "glueStick" || layer.role !== "cover") return [];
    const powdered = stack.look.layers.slice(at + 1).some((upper) => {
      const key = stack.materials.get(upper.id);
      return (
        key && isSetting(upper, key) && layer.zones.every((zone) => upper.zones.includes(zone))
      );
    });
    const powder = powdered ? null : setAfter(stack, layer, layer.zones, `Powder ${layer.name}`);
    const thin = layer.coats === 1;
    if (!thin && !powder) return [];
    const coats: LookPatch = { op: "changeLayer", id: layer.id, change: { coats: 3 } };
    const fix: LookPatch = {
      op: "several",
      patches: [...(thin ? [coats] : []), ...(powder ? [powder.fix] : [])],
    };
    const wants = [thin && "three thin layers, each dry", powder && "powder pressed over them"]
      .filter(Boolean)
      .join(", and ");
    return [
      {
        rule: "BROW-1",
        severity: "tip",
        where: { layerId: layer.id, zones: layer.zones },
        message: `${layer.name} wants ${wants}, until the ridges of the hair are filled and what follows grips.`,
        fix,
        fixLabel: thin ? "Lay three thin layers" : `Powder ${layer.name}`,
      },
    ];
  });
}
