import { matchPalette, PALETTE_FILE, paletteFile } from "@/server/exchange";
import { fileRoute, readRoute } from "@/server/problem";

export const GET = readRoute(async () => {
  const { body, name } = await paletteFile();
  return new Response(body, {
    headers: {
      "content-type": "text/plain; charset=utf-8",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});

export const POST = fileRoute(PALETTE_FILE, matchPalette);
