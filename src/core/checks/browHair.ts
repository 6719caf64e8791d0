import type { ZoneId } from "../anatomy";
import { isPiece, keptOutOf, material, type MaterialKey } from "../paint";
import { recipeOf } from "../design/context";
import type { Remark } from "./finding";
import { hasHair } from "../design/mayNotTouch";
import type { Layer } from "../design/schema";
import { isSetting, type Stack } from "../design/stack";
import { zoneWords } from "../design/words";
import { withoutZones } from "./safety";

/** What holds a piece on, and is slow to take off hair: on bare brow hair a caution of its own (BROW-2). */
const GUM: MaterialKey = "spiritGum";

/** Coats of stick that, powdered, count as a blocked brow (BROW-2). Common practice, no published source. */
const BLOCKED_COATS = 2;

/** Whether brow hair lies blocked under a layer: two powdered coats of stick, or wax under sealer (BROW-1). */
function isBlocked(stack: Stack, below: readonly Layer[], zone: ZoneId): boolean {
  let coats = 0;
  let waxed = false;
  for (const layer of below.filter(({ zones }) => zones.includes(zone))) {
    const key = stack.materials.get(layer.id);
    if (!key) continue;
    if (key === "glueStick") coats += stack.prediction.coats.get(layer.id)?.coats ?? 1;
    if (key === "browWax") waxed = true;
    if (key === "browSealer" && waxed) return true;
    if (isSetting(layer, key) && coats >= BLOCKED_COATS) return true;
  }
  return false;
}

/** BROW-2: adhesives and latex off brow and scalp hair; over blocked brows or a cap with care. */
export function adhesiveOnHair(stack: Stack): Remark[] {
  return stack.look.layers.flatMap((layer, at): Remark[] => {
    const used = recipeOf(layer, stack.context.products).map(({ product }) => product.material);
    const kinds = [...used, stack.materials.get(layer.id)].filter((kind) => kind !== undefined);
    // Of a mix, what tears counts before what is merely slow to take off.
    const key = kinds.find((kind) => keptOutOf(kind, "hair")) ?? kinds.find((kind) => kind === GUM);
    if (!key) return [];
    const below = stack.look.layers.slice(0, at);
    const capped = (zone: ZoneId) =>
      below.some((lower) => {
        const under = stack.materials.get(lower.id);
        return under !== undefined && isPiece(under) && lower.zones.includes(zone);
      });
    const hairy = layer.zones.filter(hasHair);
    const held = hairy.filter((zone) => capped(zone) || isBlocked(stack, below, zone));
    const open = hairy.filter((zone) => !held.includes(zone));
    const name = material(key).label;
    const found: (Remark | false)[] = [
      open.length > 0 &&
        (key === GUM
          ? {
              rule: "BROW-2",
              severity: "caution",
              where: { layerId: layer.id, zones: open },
              message: `${name} on ${zoneWords(open)}: lay it thin, flatten the hair into it, and leave time to take it off slowly, with its own remover.`,
            }
          : {
              rule: "BROW-2",
              severity: "stop",
              where: { layerId: layer.id, zones: open },
              message: `${name} on ${zoneWords(open)} tears the hair out when it comes off. Use glue stick or brow wax there.`,
              ...withoutZones(stack, layer, open),
            }),
      held.length > 0 && {
        rule: "BROW-2",
        severity: "caution",
        where: { layerId: layer.id, zones: held },
        message: `${name} over the hair of ${zoneWords(held)}: glue round it rather than over it where you can, and take it off gently, with remover, never pulling.`,
      },
    ];
    return found.filter((remark): remark is Remark => remark !== false);
  });
}
