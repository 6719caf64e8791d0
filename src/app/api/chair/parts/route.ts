import { buildParts } from "@/server/buildParts";
import { readRoute } from "@/server/problem";

export const dynamic = "force-dynamic";

export const GET = readRoute(async () => Response.json(await buildParts()));
