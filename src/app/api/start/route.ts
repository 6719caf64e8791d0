import { jsonRoute } from "@/server/problem";
import { startAs, StartSchema } from "@/server/start";

export const POST = jsonRoute(StartSchema, startAs);
