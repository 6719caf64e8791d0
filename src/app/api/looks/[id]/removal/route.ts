import { readRoute } from "@/server/problem";
import { removalCard } from "@/server/removalCard";

export const GET = readRoute(async (query, { id }: { id: string }) => {
  const { body, type, name } = await removalCard(id, query);
  return new Response(new Uint8Array(body), {
    headers: { "content-type": type, "content-disposition": `inline; filename="${name}"` },
  });
});
