import "server-only";
import { z } from "zod";
import { StudioSchema, USUAL_STUDIO } from "@/core/studio";
import { mannerOf, type Manner } from "@/core/text/manner";
import { currentSettings, saveSettings } from "@/store";
import { studio } from "./studio";

/** What holds for the whole studio, with its version. */
export const settings = async () => currentSettings(await studio());

/** How this studio writes its figures; the usual way while its file can't be read. */
export async function mannerNow(): Promise<Manner> {
  try {
    return mannerOf((await settings()).fields);
  } catch {
    // Every page stands on this one: what is wrong with the file is said by the page itself.
    return mannerOf(USUAL_STUDIO);
  }
}

export const ChangeSettingsSchema = z
  .object({ version: z.number().int().min(0), fields: StudioSchema })
  .strict();

/** @throws StaleVersion */
export async function changeSettings({
  version,
  fields,
}: z.output<typeof ChangeSettingsSchema>): Promise<{ version: number }> {
  return { version: await saveSettings(await studio(), version, fields) };
}
