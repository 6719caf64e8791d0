import { places } from "@/server/find";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async () => Response.json(await places()));
