import { askScale, ScaleRequestSchema } from "@/server/devices";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(ScaleRequestSchema, askScale);
