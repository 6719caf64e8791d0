import { addMonths } from "../days";
import { material, type ProductFields } from "../paint";

/** When a product is past its best (KIT-2): the sooner of the printed date and opened plus the months of its label, or of its kind; null when neither is known. */
export function expiry(
  product: Pick<ProductFields, "material" | "openedOn" | "expiresOn"> &
    Partial<Pick<ProductFields, "monthsOpen">>,
  on: string,
): { date: string; past: boolean } | null {
  const opened = product.openedOn
    ? addMonths(
        product.openedOn,
        product.monthsOpen ?? material(product.material).monthsAfterOpening,
      )
    : null;
  const date = [product.expiresOn, opened]
    .filter((value): value is string => value !== null)
    .sort()[0];
  return date ? { date, past: date < on } : null;
}
