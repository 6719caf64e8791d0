import { readRoute } from "@/server/problem";
import { pieceTemplate } from "@/server/templates";

export const GET = readRoute(async (query, { id, pieceId }: { id: string; pieceId: string }) => {
  const { body, type, name } = await pieceTemplate(id, pieceId, query);
  return new Response(typeof body === "string" ? body : new Uint8Array(body), {
    headers: { "content-type": type, "content-disposition": `inline; filename="${name}"` },
  });
});
