import { goneOf, GoneSchema } from "@/server/people";
import { fieldErrors, invalid, readRoute } from "@/server/problem";

export const GET = readRoute(async (query) => {
  const asked = GoneSchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  return Response.json(await goneOf(asked.data), { headers: { "cache-control": "no-store" } });
});
