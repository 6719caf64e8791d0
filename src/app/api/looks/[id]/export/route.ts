import { readRoute } from "@/server/problem";
import { exportLook } from "@/server/templates";

export const GET = readRoute(async (_, { id }: { id: string }) => {
  const { file, name } = await exportLook(id);
  return new Response(JSON.stringify(file, null, 1), {
    headers: {
      "content-type": "application/json",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});
