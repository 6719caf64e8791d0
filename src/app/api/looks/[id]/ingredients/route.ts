import { ingredientSheet } from "@/server/ingredientSheet";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async (query, { id }: { id: string }) => {
  const { body, name } = await ingredientSheet(id, query);
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
