import { tracesOf } from "@/server/people";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async (_, { id }: { id: string }) =>
  Response.json(await tracesOf(id), { headers: { "cache-control": "no-store" } }),
);
