import { lookNames, startLook, StartLookSchema } from "@/server/looks";
import { jsonRoute, readRoute } from "@/server/problem";

export const GET = readRoute(async () => Response.json(await lookNames()));

export const POST = jsonRoute(StartLookSchema, startLook);
