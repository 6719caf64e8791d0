import { deltaE00, hexToLab, labFromReflectance, labToHex, masstoneLab, mixedLab } from "../colour";
import type { ZoneId } from "../anatomy";
import {
  nearestInColour,
  STANDS_IN,
  goesOver,
  isPaintType,
  isWaterColour,
  material,
  pairing,
  toolsFor,
  TOOLS,
  type Product,
} from "../paint";
import { listed } from "../text/words";
import type { Remark } from "./finding";
import { freeLayerId, type LookPatch } from "../design/patch";
import { layerOptics } from "../design/predict";
import { PLAIN_LAYER, type Layer } from "../design/schema";
import type { Meeting, Stack } from "../design/stack";
import { isWearable } from "../design/wearable";
import { zoneWords } from "../design/words";
import { hasHair, keptFrom } from "../design/mayNotTouch";
import { withoutZones } from "./safety";
import { setAfter } from "./setting";

type Mended = { readonly fix: LookPatch; readonly fixLabel: string };

/** The colour two water paints make when the upper one wakes the lower: their mix by the films that lie there. */
export function mudColour(
  stack: Stack,
  { lower, upper }: Pick<Meeting, "lower" | "upper">,
): string | null {
  const [below, above] = [
    layerOptics(lower, stack.context.products),
    layerOptics(upper, stack.context.products),
  ];
  if (!below || !above) return null;
  const coats = (id: string) => stack.prediction.coats.get(id)?.coats ?? 1;
  return labToHex(
    mixedLab([
      { optics: below, parts: coats(lower.id) },
      { optics: above, parts: coats(upper.id) },
    ]),
  );
}

const isGentle = (technique: string) =>
  technique === "pat" || technique === "dab" || technique === "splatter" || technique === "spray";

/** A mixture this near to the upper colour spoils nothing: a second coat, white over white, dark over its own ground. dE00, common practice, no published source. */
const STILL_ITSELF = 6;

/** Whether the two, rubbed into each other, are plainly no longer the upper one's colour. */
function spoils(stack: Stack, meeting: Meeting): boolean {
  const mixed = mudColour(stack, meeting);
  const own = layerOptics(meeting.upper, stack.context.products);
  return !mixed || !own || deltaE00(hexToLab(mixed), masstoneLab(own)) > STILL_ITSELF;
}

/** LAYER-1: water colour over dry, unset water colour of another layer; all that would wake one layer is one matter. */
export function mud(stack: Stack): Remark[] {
  const woken = new Map<string, Meeting[]>();
  for (const meeting of stack.meetings) {
    const { lower, lowerMaterial, upper, upperMaterial, state } = meeting;
    const isWoken =
      isWaterColour(lowerMaterial) &&
      isWaterColour(upperMaterial) &&
      state === "dry" &&
      !isGentle(upper.technique) &&
      spoils(stack, meeting);
    if (isWoken) woken.set(lower.id, [...(woken.get(lower.id) ?? []), meeting]);
  }
  return [...woken.values()].flatMap((meetings): Remark[] => {
    const [first] = meetings;
    if (!first) return [];
    const { lower } = first;
    const zones = [...new Set(meetings.flatMap((meeting) => meeting.zones))];
    const uppers = [...new Set(meetings.map(({ upper }) => upper.name))];
    return [
      {
        rule: "LAYER-1",
        severity: "caution",
        where: { layerId: lower.id, zones },
        message: `Water in ${listed(uppers)} wakes ${lower.name} on ${zoneWords(zones)}: rubbed, the colours turn to mud. Set ${lower.name} first, or pat instead of stroking.`,
        ...setAfter(stack, lower, zones, `Powder ${lower.name} first`),
      },
    ];
  });
}

/** Everything in the pair table but mud, which has words of its own, and what is merely left unpowdered, which SET-1 says (LAYER-1 to LAYER-9, PROS, BROW-2). */
export function pairs(stack: Stack): Remark[] {
  return stack.meetings.flatMap((meeting): Remark[] => {
    const { lower, lowerMaterial, upper, upperMaterial, state, zones } = meeting;
    if (isWaterColour(lowerMaterial) && isWaterColour(upperMaterial)) return [];
    const { verdict, rule, reason, mend } = pairing(lowerMaterial, state, upperMaterial);
    if (verdict === "fine" || (rule === "SET-1" && state === "tacky")) return [];
    const message = `${upper.name} over ${lower.name} on ${zoneWords(zones)}: ${reason}.`;
    const where = { layerId: upper.id, zones };
    // What tears hair out is a stop where hair grows; elsewhere it merely does not hold.
    const hairy = zones.filter(hasHair);
    if (verdict === "stop" && hairy.length)
      return [
        {
          rule,
          severity: "stop",
          where: { layerId: upper.id, zones: hairy },
          message: `${upper.name} over ${lower.name} on ${zoneWords(hairy)}: ${reason}.`,
          ...withoutZones(stack, upper, hairy),
        },
      ];
    return [{ rule, severity: "caution", where, message, ...mended(stack, meeting, mend) }];
  });
}

function mended(
  stack: Stack,
  meeting: Meeting,
  mend: ReturnType<typeof pairing>["mend"],
): Mended | null {
  const { lower, zones } = meeting;
  if (mend === "powder") return setAfter(stack, lower, zones, `Powder ${lower.name} first`);
  if (mend === "undercoat") return undercoat(stack, meeting);
  return mend === "swap" ? another(stack, meeting) : null;
}

/** Make-up that raw foam takes, powdered, under what would soak in (LAYER-3). */
function undercoat(
  stack: Stack,
  { upper, upperMaterial, lowerMaterial, zones }: Meeting,
): Mended | null {
  const { look, context } = stack;
  const film = stack.prediction.films
    .get(zones[0] as ZoneId)
    ?.find((entry) => entry.layer.id === upper.id);
  const wanted = film ? labFromReflectance(film.colour) : hexToLab("#c99a7a");
  const fit = [...context.products.values()].filter(
    (product) =>
      product.colour &&
      (product.material === "rubberMaskGrease" ||
        product.material === "cream" ||
        product.material === "adhesiveAcrylic") &&
      wearableOn(stack, product, zones) &&
      goesOver(lowerMaterial, product.material) &&
      goesOver(product.material, upperMaterial),
  );
  const grease = fit.filter((product) => product.material === "rubberMaskGrease");
  const best = nearestInColour(grease.length ? grease : fit, wanted)?.product;
  if (!best) return null;
  const tool = toolsFor(best.material)[0] ?? "stippleSponge";
  const layer: Layer = {
    ...PLAIN_LAYER,
    id: freeLayerId(look, `under-${upper.id}`),
    role: "base",
    name: `${best.name} on the piece`.slice(0, 80),
    zones: [...zones],
    paint: { kind: "product", productId: best.id },
    tool,
    technique: TOOLS[tool].techniques[0],
    coats: 2,
    part: upper.part,
  };
  const powder = setAfter({ ...stack, look }, layer, zones, "");
  if (!powder || powder.fix.op !== "addLayer") return null;
  const at = look.layers.indexOf(upper);
  return {
    fix: {
      op: "several",
      patches: [
        { op: "addLayer", layer, at },
        { ...powder.fix, at: at + 1 },
      ],
    },
    fixLabel: `Stipple ${best.name} under it and powder it`,
  };
}

const wearableOn = (stack: Stack, product: Product, zones: readonly ZoneId[]): boolean =>
  isWearable(product, stack.context.person) &&
  keptFrom(zones, product.material, product, stack.context).length === 0;

/** Another product of about the same colour that goes over all this layer lies on, and under all that lies on it. */
function another(stack: Stack, { upper, upperMaterial }: Meeting): Mended | null {
  if (upper.paint.kind !== "product" || !isPaintType(upperMaterial)) return null;
  const own = stack.context.products.get(upper.paint.productId);
  if (!own?.colour) return null;
  const wanted = hexToLab(own.colour);
  const below = stack.meetings
    .filter((meeting) => meeting.upper === upper)
    .map((meeting) => meeting.lowerMaterial);
  const above = stack.meetings
    .filter((meeting) => meeting.lower === upper)
    .map((meeting) => meeting.upperMaterial);
  const fit = [...stack.context.products.values()].filter(
    (product) =>
      product.colour &&
      isPaintType(product.material) &&
      product.material !== upperMaterial &&
      toolsFor(product.material).includes(upper.tool) &&
      wearableOn(stack, product, upper.zones) &&
      below.every((key) => goesOver(key, product.material)) &&
      above.every((key) => goesOver(product.material, key)),
  );
  const nearest = nearestInColour(fit, wanted);
  if (!nearest || nearest.far > STANDS_IN.asMeant) return null;
  return {
    fix: {
      op: "changeLayer",
      id: upper.id,
      change: { paint: { kind: "product", productId: nearest.product.id } },
    },
    fixLabel: `Use ${nearest.product.name}, ${material(nearest.product.material).label}`,
  };
}
