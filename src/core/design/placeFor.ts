import type { Role } from "./roles";
import type { Look } from "./schema";

/** Stages of the work (1-trade §1.2). Powder belongs to what it sets, so it has none of its own. */
const STAGE: Readonly<Record<Exclude<Role, "set">, number>> = {
  prep: 0,
  cover: 1,
  attach: 1,
  map: 2,
  base: 3,
  contour: 4,
  shade: 4,
  highlight: 5,
  detail: 6,
  seal: 7,
};

/**
 * Where a new layer belongs in the stack: at the end of its stage, and under the last seal.
 *
 * @returns the index it is put in at, 0 to the number of layers
 */
export function placeFor(role: Role, { layers }: Pick<Look, "layers">): number {
  if (role === "seal") return layers.length;
  const last = layers.findLastIndex((layer) => layer.role !== "seal") + 1;
  if (role === "set") return last;
  const stage = STAGE[role];
  // Seals between coats and what a school lays before the base are passed by.
  const from = stage > STAGE.base ? layers.findLastIndex((layer) => layer.role === "base") + 1 : 0;
  const later = layers.findIndex(
    (layer, i) =>
      i >= from &&
      i < last &&
      layer.role !== "set" &&
      layer.role !== "seal" &&
      STAGE[layer.role] > stage,
  );
  return later < 0 ? last : later;
}
