import "server-only";
import { z } from "zod";
import { keysOf } from "@/core/keysOf";
import { isSupply, LookSchema, productsUsed } from "@/core/look";
import { ProductSchema } from "@/core/paint";
import { USUAL_STUDIO, type StudioSettings } from "@/core/studio";
import { localeNear, usualWays } from "@/core/text/manner";
import { DEMO_LOOKS, DEMO_PRODUCTS, STARTERS, type StarterKey } from "@/demo";
import { addLook, currentSettings, findLook, findProduct, saveSettings } from "@/store";
import { putProduct } from "./shelf";
import { studio, today } from "./studio";

export const StartSchema = z
  .object({
    as: z.enum(keysOf(STARTERS)),
    /** The browser's language, BCP 47: units, money and dates begin as they are usual there. */
    language: z.string().max(40).optional(),
  })
  .strict();

/** What one may begin as, as the first screen offers it. */
export interface Starter {
  readonly key: StarterKey;
  readonly label: string;
  readonly does: string;
}
export const starters = (): Starter[] =>
  keysOf(STARTERS).map((key) => ({ key, label: STARTERS[key].label, does: STARTERS[key].does }));

/** What a studio begins with where its browser is. */
function settingsAt(language: string): StudioSettings {
  const { paper, units, ...ways } = usualWays(localeNear(language));
  return { ...USUAL_STUDIO, ...ways, units: { ...units, paper } };
}

/**
 * A first shelf and three looks to change for whoever begins: what is there already stays as it is.
 * @returns the look to open first
 */
export async function startAs({
  as,
  language,
}: z.output<typeof StartSchema>): Promise<{ lookId: string; added: number }> {
  const db = await studio();
  const wanted: readonly string[] = STARTERS[as].looks;
  const looks = DEMO_LOOKS.filter(({ id }) => wanted.includes(id));
  const used = new Set(looks.flatMap(({ design }) => productsUsed(design)));
  return db.transaction().execute(async (tx) => {
    let added = 0;
    for (const { id, fields } of DEMO_PRODUCTS(today())) {
      if (!(used.has(id) || isSupply(fields)) || (await findProduct(tx, id))) continue;
      await putProduct(tx, id, ProductSchema.parse(fields), today());
      added++;
    }
    for (const { id, design } of looks)
      if (!(await findLook(tx, id))) await addLook(tx, id, LookSchema.parse(design));
    if (language && (await currentSettings(tx)).version === 0)
      await saveSettings(tx, 0, settingsAt(language));
    return { lookId: wanted[0] ?? "", added };
  });
}
