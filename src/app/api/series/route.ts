import { jsonRoute } from "@/server/problem";
import { addSeries, SeriesSchema } from "@/server/series";

export const POST = jsonRoute(SeriesSchema, addSeries);
