import { zoneInfo } from "../anatomy";
import { material } from "../paint";
import { isChild, isSmall, isTooSmall, wearsSuit } from "../people";
import { materialOf, recipeOf } from "../design/context";
import type { Remark } from "./finding";
import { isBareOn } from "../design/exposedZones";
import { tooYoungOn } from "../design/mayNotTouch";
import type { Layer } from "../design/schema";
import type { Stack } from "../design/stack";
import { tooYoungFor } from "../design/wearable";
import { zoneWords } from "../design/words";
import { swapOrRemove, withoutZones } from "./safety";

/** Laid as a mist, by its tool. */
const isSprayed = ({ tool }: Pick<Layer, "tool">): boolean =>
  tool === "airbrush" || tool === "spray";

/** SAFE-14: what is not for the skin of a child. */
export function tooStrongForChildren(stack: Stack): Remark[] {
  const { person, products } = stack.context;
  if (!isChild(person)) return [];
  return stack.look.layers.flatMap((layer): Remark[] => {
    const where = { layerId: layer.id, zones: layer.zones };
    const recipe = recipeOf(layer, products).map(({ product }) => product);
    const key = materialOf(layer, products);
    const years = isSmall(person) ? "under twelve" : "under sixteen";
    const out = {
      fix: { op: "removeLayer", id: layer.id } as const,
      fixLabel: `Remove ${layer.name}`,
    };
    const found: Remark[] = recipe.flatMap((product): Remark[] => {
      const severity = tooYoungFor(product.material, person);
      const isStop = severity === "stop" || (isSmall(person) && product.grade !== "cosmetic");
      if (!severity && !isStop) return [];
      return [
        {
          rule: "SAFE-14",
          severity: isStop ? "stop" : "caution",
          where,
          message: `${person.name} is ${years}, and ${product.name} is ${material(product.material).label}: ${isStop ? "it is not for a child's skin" : "ask a parent, test it first, and take a milder paint where one will do"}.`,
          ...(isStop && swapOrRemove(stack, layer, product)),
        },
      ];
    });
    const byKind = recipe.length || !key ? null : tooYoungFor(key, person);
    if (byKind && key)
      found.push({
        rule: "SAFE-14",
        severity: byKind,
        where,
        message: `${person.name} is ${years}: ${material(key).label} is not for a child's skin.`,
        ...(byKind === "stop" && out),
      });
    const nearEyes = key && !isTooSmall(person) ? tooYoungOn(layer.zones, key, person) : [];
    if (nearEyes.length)
      found.push({
        rule: "SAFE-14",
        severity: "stop",
        where: { layerId: layer.id, zones: nearEyes },
        message: `${person.name} is under twelve: glitter stays away from the eyes (${zoneWords(nearEyes)}).`,
        ...withoutZones(stack, layer, nearEyes),
      });
    const onFace = layer.zones.some((zone) => zoneInfo(zone).part === "head");
    if (isSprayed(layer) && onFace)
      found.push({
        rule: "SAFE-14",
        severity: "caution",
        where,
        message: `${layer.name} is sprayed near a child's face: spray it on a puff, away from them, and lay it with that.`,
      });
    return found;
  });
}

/** SAFE-16: what lies under the suit a child is shown in. */
export function underSuit(stack: Stack): Remark[] {
  const { person } = stack.context;
  if (!wearsSuit(person)) return [];
  return stack.look.layers.flatMap((layer): Remark[] => {
    const zones = layer.zones.filter((zone) => !isBareOn(zone, person));
    return zones.length
      ? [
          {
            rule: "SAFE-16",
            severity: "stop",
            where: { layerId: layer.id, zones },
            message: `${person.name} is ${person.ageYears}, and ${layer.name} lies on ${zoneWords(zones)}: a child is painted on face, neck, arms, hands and lower legs only.`,
            ...withoutZones(stack, layer, zones),
          },
        ]
      : [];
  });
}

/** Nobody has agreed today; and nobody has ever. */
function consentMissing({ context: { person, brief } }: Stack): Remark[] {
  if (brief.consent) return [];
  const where = { zones: [] };
  return [
    person.guardianConsent
      ? {
          rule: "SAFE-8",
          severity: "tip",
          where,
          message: `A parent agrees by ${person.name}'s card: note today who is here, and to what they agree.`,
        }
      : {
          rule: "SAFE-8",
          severity: "caution",
          where,
          message: `${person.name} is ${person.ageYears}: a parent or guardian must be present and agree. Note who, and to what, in the brief or at the chair.`,
        },
  ];
}

/** SAFE-8: under three nothing but a small cheek design; under sixteen a parent consents. */
export function children(stack: Stack): Remark[] {
  const { person } = stack.context;
  if (!isChild(person) || !stack.look.layers.length) return [];
  const consent = consentMissing(stack);
  if (!isTooSmall(person)) return consent;
  const tooMuch = stack.look.layers.flatMap((layer): Remark[] => {
    const key = materialOf(layer, stack.context.products);
    const zones = key ? tooYoungOn(layer.zones, key, person) : layer.zones;
    return zones.length
      ? [
          {
            rule: "SAFE-8",
            severity: "stop",
            where: { layerId: layer.id, zones },
            message: `${person.name} is under three: no face paint, at most a small design on the cheek or the back of the hand.`,
            ...withoutZones(stack, layer, zones),
          },
        ]
      : [];
  });
  return [...consent, ...tooMuch];
}
