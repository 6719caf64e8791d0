import { readRoute } from "@/server/problem";
import { template } from "@/server/templates";

export const GET = readRoute(async (query, { id }: { id: string }) => {
  const { body, type, name } = await template(id, query);
  return new Response(typeof body === "string" ? body : new Uint8Array(body), {
    headers: { "content-type": type, "content-disposition": `inline; filename="${name}"` },
  });
});
