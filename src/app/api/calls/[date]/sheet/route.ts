import { readRoute } from "@/server/problem";
import { callSheet } from "@/server/sheets/callSheets";

export const GET = readRoute(async (query, { date }: { date: string }) => {
  const { body, name } = await callSheet(date, query);
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
