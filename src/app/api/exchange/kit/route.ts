import { importKit, KIT_TABLE, kitFile } from "@/server/exchange";
import { readRoute, slowFileRoute } from "@/server/problem";

export const GET = readRoute(async (query) => {
  const { body, name } = await kitFile(query);
  return new Response(body, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});

export const POST = slowFileRoute(KIT_TABLE, importKit);
