import "server-only";
import { z } from "zod";
import { StudioSchema } from "@/core/studio";
import { currentSettings, saveSettings } from "@/store";
import { studio } from "./studio";

/** What holds for the whole studio, with its version. */
export const settings = async () => currentSettings(await studio());

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
