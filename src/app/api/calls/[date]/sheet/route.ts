import { callSheet } from "@/server/calendar";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async (_, { date }: { date: string }) => {
  const { body, name } = await callSheet(date);
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
