import "server-only";
import { z } from "zod";
import { MixSchema, type Mix, type MixFields } from "@/core/paint";
import { addMix, findMix, findProduct, listMixes, saveMix, setArchived, type Store } from "@/store";
import { invalid, notFound } from "./problem";
import { newId, studio } from "./studio";

export const SaveMixSchema = z
  .object({ version: z.number().int().min(1), fields: MixSchema })
  .strict();

export const mixes = async (): Promise<Mix[]> => listMixes(await studio());
export const mix = async (id: string): Promise<Mix | null> => findMix(await studio(), id);

/** A mix of products that are not there can't be weighed. @throws Problem */
async function refuseStrangers(db: Store, fields: MixFields): Promise<void> {
  for (const [i, { productId }] of fields.parts.entries())
    if (!(await findProduct(db, productId)))
      throw invalid([{ field: `parts.${i}.productId`, message: "no such product on the shelf" }]);
}

export async function createMix(fields: MixFields): Promise<{ id: string }> {
  const db = await studio();
  await refuseStrangers(db, fields);
  const id = newId();
  await addMix(db, id, fields);
  return { id };
}

export async function changeMix(
  id: string,
  { version, fields }: z.output<typeof SaveMixSchema>,
): Promise<{ version: number }> {
  const db = await studio();
  if (!(await findMix(db, id))) throw notFound("mix");
  await refuseStrangers(db, fields);
  return { version: await saveMix(db, id, version, fields) };
}

export async function archiveMix(id: string, archived: boolean): Promise<void> {
  await setArchived(await studio(), "mix", id, archived);
}
