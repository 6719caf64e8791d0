import { hexToLab } from "../colour";
import { materialOf, recipeOf, type LookContext } from "./context";
import type { LookPatch } from "./patch";
import { isSetting } from "./stack";
import type { Layer, Look, Schools } from "./schema";
import { filledCm2 } from "./leftOut";

/** Where the trade disagrees about the order of work, each way with its words (MAP-1, BASE-4). */
export const SCHOOLS = {
  map: { mapFirst: "map first, then the base", baseFirst: "base first, map on top" },
  base: { allOver: "one base all over, the rest on top", zones: "area by area, light before dark" },
} as const satisfies {
  readonly [Matter in keyof Schools]: Readonly<Record<Schools[Matter], string>>;
};

/** L* that a layer's paint has as it is bought, by parts; 50 where nobody knows. */
function lightness(layer: Layer, products: LookContext["products"]): number {
  const parts = recipeOf(layer, products).filter(({ product }) => product.colour);
  const whole = parts.reduce((sum, { parts: n }) => sum + n, 0);
  return whole
    ? parts.reduce(
        (sum, { product, parts: n }) => sum + hexToLab(product.colour ?? "#777777")[0] * n,
        0,
      ) / whole
    : 50;
}

/** Whether a base would come under what it was laid over, or over what lay on it: wax, pieces, caps, covers and the powder that sets it, on the same areas. */
function turnsBaseAndPiece(before: readonly Layer[], after: readonly Layer[]): boolean {
  const isHeld = ({ role }: Layer) => role === "attach" || role === "cover" || role === "set";
  const at = new Map(after.map(({ id }, i) => [id, i]));
  const place = ({ id }: Layer) => at.get(id) ?? 0;
  return before.some(
    (base, i) =>
      base.role === "base" &&
      before.some(
        (held, k) =>
          isHeld(held) &&
          held.zones.some((zone) => base.zones.includes(zone)) &&
          k < i !== place(held) < place(base),
      ),
  );
}

/** The layers of a look in the order that its schools ask for: only map layers, and bases with the powder that sets them, change places. */
export function inSchoolOrder(
  look: Look,
  context: Pick<LookContext, "products" | "figure">,
): string[] {
  const { products } = context;
  const rest = look.layers.filter(({ role }) => role !== "map");
  const sets = (layer: Layer) => {
    const key = materialOf(layer, products);
    return layer.role === "set" || (key !== null && isSetting(layer, key));
  };
  const blocks: Layer[][] = [];
  for (const layer of rest) {
    const last = blocks.at(-1);
    if (last?.[0]?.role === "base" && sets(layer)) last.push(layer);
    else blocks.push([layer]);
  }
  const isBase = (block: Layer[]) => block[0]?.role === "base";
  const light = (block: Layer[]) => lightness(block[0] as Layer, products);
  const bases = blocks.filter(isBase);
  const widest = Math.max(0, ...bases.map((block) => filledCm2(block[0] as Layer, context)));
  const isFirst = (block: Layer[]) =>
    look.schools.base === "allOver" && filledCm2(block[0] as Layer, context) === widest;
  // What lies on another one's areas stays over it: the upper is the one that is meant to be seen.
  const meet = (a: Layer[], b: Layer[]) =>
    (a[0]?.zones ?? []).some((zone) => b[0]?.zones.includes(zone));
  const sorted: Layer[][] = [];
  for (let left = [...bases]; left.length > 0;) {
    const free = left.filter((block, i) => !left.slice(0, i).some((lower) => meet(lower, block)));
    const next = free.reduce((best, block) =>
      (Number(isFirst(block)) - Number(isFirst(best)) || light(block) - light(best)) > 0
        ? block
        : best,
    );
    sorted.push(next);
    left = left.filter((block) => block !== next);
  }
  let next = 0;
  const ordered = blocks.map((block) => (isBase(block) ? (sorted[next++] ?? block) : block)).flat();
  if (turnsBaseAndPiece(rest, ordered)) return look.layers.map(({ id }) => id);
  const maps = look.layers.filter(({ role }) => role === "map");
  const at =
    look.schools.map === "mapFirst"
      ? ordered.findIndex(({ role }) => role === "base")
      : ordered.findLastIndex(({ role }) => role === "base") + 1;
  // After the bases a map comes on top of the powder that sets them.
  let place = at;
  if (look.schools.map === "baseFirst")
    while (place > 0 && place < ordered.length && sets(ordered[place] as Layer)) place++;
  return (
    at < 0 || (look.schools.map === "baseFirst" && at === 0)
      ? look.layers
      : ordered.toSpliced(place, 0, ...maps)
  ).map(({ id }) => id);
}

/** The change that puts the stack into the order of its schools; null where it is in that order. */
export function orderPatch(
  look: Look,
  context: Pick<LookContext, "products" | "figure">,
): LookPatch | null {
  const ids = inSchoolOrder(look, context);
  return ids.every((id, i) => look.layers[i]?.id === id) ? null : { op: "order", ids };
}

/** Follows a school from now on: the choice, and the stack put in its order. */
export function followSchools(
  look: Look,
  schools: Schools,
  context: Pick<LookContext, "products" | "figure">,
): LookPatch {
  const order = orderPatch({ ...look, schools }, context);
  return { op: "several", patches: [{ op: "schools", schools }, ...(order ? [order] : [])] };
}
