import { drillSheet } from "@/server/practice";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async (query) => {
  const { body, name } = await drillSheet(query);
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
