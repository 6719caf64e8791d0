import { callCalendar } from "@/server/calendar";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async (_, { date }: { date: string }) => {
  const { body, name } = await callCalendar(date);
  return new Response(body, {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});
