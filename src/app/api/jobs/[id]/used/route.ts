import { readRoute } from "@/server/problem";
import { usedList } from "@/server/usedList";

export const GET = readRoute(async (_, { id }: { id: string }) => {
  const { body, name } = await usedList(id);
  return new Response(body, {
    headers: {
      "content-type": "text/plain; charset=utf-8",
      "content-disposition": `inline; filename="${name}"`,
    },
  });
});
