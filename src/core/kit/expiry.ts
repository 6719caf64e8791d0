import { material, type ProductFields } from "../paint";

/** ISO date so many months after another, the last day of the month where it has no such day. */
export function addMonths(date: string, months: number): string {
  const [year = 0, month = 1, day = 1] = date.split("-").map(Number);
  const last = new Date(Date.UTC(year, month - 1 + months + 1, 0)).getUTCDate();
  return new Date(Date.UTC(year, month - 1 + months, Math.min(day, last)))
    .toISOString()
    .slice(0, 10);
}

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
