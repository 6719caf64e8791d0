import { labFromReflectance, labToHex, masstoneReflectance, mixOptics } from "../../colour";
import { isWaterColour, stateNeededUnder } from "../../paint";
import type { Remark } from "../finding";
import { layerOptics } from "../predict";
import type { Meeting, Stack } from "../stack";
import { zoneWords } from "../words";
import { setAfter } from "./setting";

/** The colour two water paints make when the upper one wakes the lower: their mix by the films that lie there. */
export function mudColour(stack: Stack, { lower, upper }: Pick<Meeting, "lower" | "upper">): string | null {
  const [below, above] = [layerOptics(lower, stack.context.products), layerOptics(upper, stack.context.products)];
  if (!below || !above) return null;
  const coats = (id: string) => stack.prediction.coats.get(id)?.coats ?? 1;
  return labToHex(labFromReflectance(masstoneReflectance(mixOptics([{ optics: below, parts: coats(lower.id) }, { optics: above, parts: coats(upper.id) }]))));
}

const isGentle = (technique: string) => technique === "pat" || technique === "dab" || technique === "splatter" || technique === "spray";

/** LAYER-1: water colour over dry, unset water colour of another layer. */
export function mud(stack: Stack): Remark[] {
  return stack.meetings.flatMap((meeting): Remark[] => {
    const { lower, lowerMaterial, upper, upperMaterial, state, zones } = meeting;
    if (!isWaterColour(lowerMaterial) || !isWaterColour(upperMaterial) || state !== "dry" || isGentle(upper.technique)) return [];
    const hex = mudColour(stack, meeting);
    return [{
      rule: "LAYER-1", severity: "caution", where: { layerId: upper.id, zones },
      message: `Water in ${upper.name} wakes ${lower.name} on ${zoneWords(zones)}: rubbed, the two turn to mud${hex ? ` like ${hex}` : ""}. Set the lower one first, or pat instead of stroking.`,
      ...setAfter(stack, lower, zones, `Powder ${lower.name} first`),
    }];
  });
}

/** LAYER-2: water colour on cream that nobody has powdered. */
export function beading(stack: Stack): Remark[] {
  return stack.meetings.flatMap(({ lower, lowerMaterial, upper, upperMaterial, state, zones }): Remark[] => {
    const greasy = lowerMaterial === "cream" || lowerMaterial === "rubberMaskGrease" || lowerMaterial === "corrector" || lowerMaterial === "concealer";
    if (!greasy || !isWaterColour(upperMaterial) || state !== "tacky") return [];
    return [{
      rule: "LAYER-2", severity: "caution", where: { layerId: upper.id, zones },
      message: `${upper.name} beads and slips on ${lower.name}: it is cream that has not been powdered on ${zoneWords(zones)}.`,
      ...setAfter(stack, lower, zones, `Powder ${lower.name} first`),
    }];
  });
}

/** LAYER-9: pairs that do not go together in this order at all. */
export function neverOver(stack: Stack): Remark[] {
  return stack.meetings.flatMap(({ lower, lowerMaterial, upper, upperMaterial, zones }): Remark[] => {
    if (stateNeededUnder(lowerMaterial, upperMaterial) !== "never") return [];
    return [{ rule: "LAYER-9", severity: "caution", where: { layerId: upper.id, zones }, message: `${upper.name} does not hold over ${lower.name} on ${zoneWords(zones)}. Change one of them, or the order.` }];
  });
}
