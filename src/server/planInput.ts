import "server-only";
import { factorsOf, type StoredContext, type WornRecord } from "@/core/record";
import { currentHouse, currentSettings, listProducts, listRecords, stockLevels } from "@/store";
import { studio, today } from "./studio";

/** What every plan is made from, whatever the look: shelf, house, settings, what was seen. */
export type PlanInput = Omit<StoredContext, "person" | "brief"> & {
  readonly stock: Map<string, number>;
  readonly records: readonly WornRecord[];
};

/** What all plans share, as the studio has it now. */
export async function planInput(): Promise<PlanInput> {
  const db = await studio();
  const records = await listRecords(db);
  return {
    products: await listProducts(db),
    archivedProducts: await listProducts(db, { archived: true }),
    stock: await stockLevels(db),
    house: await currentHouse(db),
    settings: await currentSettings(db),
    factors: factorsOf(records),
    records,
    today: today(),
  };
}
