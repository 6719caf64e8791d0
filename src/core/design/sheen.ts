import type { ZoneId } from "../anatomy";
import { finishOf, isPaintType, paintType } from "../paint";
import { materialOf, recipeOf, type LookContext } from "./context";
import type { Look } from "./schema";
import { isSetting } from "./stack";
import { shareFilled, zonesFilledBy } from "./leftOut";

type AnyFinish = ReturnType<typeof finishOf>;

/** How far a finish throws light back as a mirror does, 0 to 1. By eye, no published source. */
const SHEEN: Readonly<Partial<Record<AnyFinish, number>>> = {
  satin: 0.35,
  pearl: 0.55,
  glitter: 0.6,
  metallic: 0.8,
  gloss: 1,
};

/** A layer on less than this share of an area leaves the rest of it as it was. */
const MOST_OF_IT = 0.5;

/**
 * How each painted area shines: by the finish of what lies on top, dulled by powder. Shapes leave the area's own.
 *
 * @param upTo how many layers of the stack are on
 * @returns areas that shine, 0 to 1; the others are matte
 */
export function sheenOf(
  look: Look,
  context: LookContext,
  upTo = look.layers.length,
): ReadonlyMap<ZoneId, number> {
  const { products } = context;
  const sheen = new Map<ZoneId, number>();
  for (const layer of look.layers.slice(0, upTo)) {
    const key = materialOf(layer, products);
    if (!key || layer.hidden) continue;
    const isPowder = isSetting(layer, key);
    // What only protects or prepares leaves the shine as it is.
    if (!isPowder && !isPaintType(key)) continue;
    const finishes = recipeOf(layer, products).map(({ product }) => finishOf(product));
    const own = isPaintType(key) && !finishes.length ? [paintType(key).finish] : finishes;
    const shine = isPowder ? 0 : Math.max(0, ...own.map((finish) => SHEEN[finish] ?? 0));
    for (const zone of zonesFilledBy(layer)) {
      if (shareFilled(layer, zone, context) < MOST_OF_IT) continue;
      if (shine > 0) sheen.set(zone, shine);
      else sheen.delete(zone);
    }
  }
  return sheen;
}
