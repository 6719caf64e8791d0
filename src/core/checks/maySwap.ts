import type { LookContext } from "../design/context";
import { applyPatch } from "../design/patch";
import { replaceProduct } from "../design/replaceProduct";
import type { Look } from "../design/schema";
import { isWearable } from "../design/wearable";
import type { Product } from "../paint";
import { stopsOf } from "./checkLook";

/** Whether a product may be put in the place of another all through a look: the person may wear it, and no safety rule stops it where the other lies. */
export function maySwap(
  look: Look,
  context: LookContext,
  from: Pick<Product, "id">,
  to: Product,
): boolean {
  if (!isWearable(to, context.person)) return false;
  const patches = replaceProduct(look, from.id, to.id);
  const after = applyPatch(look, { op: "several", patches });
  return stopsOf(after, context).length <= stopsOf(look, context).length;
}
