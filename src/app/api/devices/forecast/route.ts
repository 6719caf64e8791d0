import { askForecast, ForecastRequestSchema } from "@/server/devices";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(ForecastRequestSchema, askForecast);
