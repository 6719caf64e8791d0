import { jsonRoute } from "@/server/problem";
import { changeSettings, ChangeSettingsSchema } from "@/server/settings";

export const PUT = jsonRoute(ChangeSettingsSchema, changeSettings);
