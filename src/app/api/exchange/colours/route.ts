import { matchColourFile, COLOUR_FILE, colourFile } from "@/server/exchange";
import { fileRoute, readRoute } from "@/server/problem";

export const GET = readRoute(async () => {
  const { body, name } = await colourFile();
  return new Response(body, {
    headers: {
      "content-type": "text/plain; charset=utf-8",
      "content-disposition": `attachment; filename="${name}"`,
    },
  });
});

export const POST = fileRoute(COLOUR_FILE, matchColourFile);
