import { readRoute } from "@/server/problem";
import { jobSheet } from "@/server/sheets/jobSheets";

export const GET = readRoute(async (query, { id }: { id: string }) => {
  const { body, name } = await jobSheet(id, query);
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
