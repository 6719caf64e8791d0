import { hexToLab } from "@/core/colour";
import { byHue, type Pan } from "@/core/kit";
import { material, type Product } from "@/core/paint";
import { panHex } from "@/shared/palettes/panLook";

/** Orders that pans are put in at one stroke. */
export const ORDERS = {
  work: "by working order",
  hue: "by colour",
  light: "from light to dark",
  kind: "by kind",
} as const;
export type Order = keyof typeof ORDERS;
export const ORDER_KEYS = Object.keys(ORDERS) as Order[];

/** Behind everything that has a place of its own. */
const LAST = 999;

/**
 * Pans in another order.
 *
 * @param working products in the order a job takes them up; none where the palette is for no job
 */
export function arrangePans(
  pans: readonly Pan[],
  order: Order,
  products: ReadonlyMap<string, Product>,
  working: readonly string[] = [],
): Pan[] {
  const lab = (pan: Pan) => hexToLab(panHex(pan, products) ?? "#808080");
  const place = ({ parts }: Pan) =>
    Math.min(
      LAST,
      ...parts.map(({ productId }) => {
        const at = working.indexOf(productId);
        return at < 0 ? LAST : at;
      }),
    );
  const kind = ({ parts }: Pan) => {
    const product = products.get(parts[0]?.productId ?? "");
    return product ? material(product.material).label : null;
  };
  // An empty pan has no kind: it goes behind those that do.
  const byKind = (a: string | null, b: string | null) =>
    a === null || b === null ? Number(a === null) - Number(b === null) : a.localeCompare(b);
  const compare: Readonly<Record<Order, (a: Pan, b: Pan) => number>> = {
    work: (a, b) => place(a) - place(b),
    hue: (a, b) => byHue(lab(a), lab(b)),
    light: (a, b) => lab(b)[0] - lab(a)[0],
    kind: (a, b) => byKind(kind(a), kind(b)),
  };
  return [...pans].sort(compare[order]);
}
