import { jsonRoute } from "@/server/problem";
import { changePalette, SavePaletteSchema } from "@/server/palettes";

export const PUT = jsonRoute(SavePaletteSchema, (body, { id }: { id: string }) =>
  changePalette(id, body),
);
