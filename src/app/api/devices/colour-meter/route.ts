import { askMeter, MeterRequestSchema } from "@/server/devices";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(MeterRequestSchema, askMeter);
