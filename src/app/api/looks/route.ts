import { startLook, StartLookSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(StartLookSchema, startLook);
