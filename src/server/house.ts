import "server-only";
import { z } from "zod";
import { HouseChangesSchema, houseOf, type House } from "@/core/rules";
import { addHouse, currentHouse, listHouse, type HouseVersion } from "@/store";
import { studio } from "./studio";

export type { HouseVersion };

/** The numbers and rules in force. */
export async function house(): Promise<House> {
  const { version, changes } = await currentHouse(await studio());
  return houseOf(changes, version);
}

/** Every version of them, the newest first. */
export const houseHistory = async (): Promise<HouseVersion[]> => listHouse(await studio());

export const ChangeHouseSchema = z
  .object({ version: z.number().int().min(0), changes: HouseChangesSchema })
  .strict();

/** Puts changed rules in force as a new version. A stop can't be switched off: such a change is refused as a whole. @throws StaleVersion */
export async function changeHouse({
  version,
  changes,
}: z.output<typeof ChangeHouseSchema>): Promise<{ version: number }> {
  return { version: await addHouse(await studio(), version, changes) };
}
