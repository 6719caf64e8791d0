import { readRoute, slowFileRoute } from "@/server/problem";
import { importStudio, STUDIO_FILE, studioFile } from "@/server/studioFile";

export const GET = readRoute(async () => {
  const { body, name } = await studioFile();
  return new Response(new Uint8Array(body), {
    headers: {
      "content-type": "application/zip",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});

export const POST = slowFileRoute(STUDIO_FILE, importStudio);
