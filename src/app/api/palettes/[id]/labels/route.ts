import { readRoute } from "@/server/problem";
import { labelsOf } from "@/server/palettes";

export const GET = readRoute(async (query, { id }: { id: string }) => {
  const { body, name } = await labelsOf(id, query);
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
