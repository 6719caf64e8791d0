import { backup, restore, STUDIO_BACKUP } from "@/server/exchange";
import { fileRoute, readRoute } from "@/server/problem";

export const dynamic = "force-dynamic";

export const GET = readRoute(async () => {
  const { body, name } = await backup();
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/vnd.sqlite3",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});

export const PUT = fileRoute(STUDIO_BACKUP, restore);
