import { ChairLogSchema, takeLog } from "@/server/chair";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(ChairLogSchema, takeLog);
