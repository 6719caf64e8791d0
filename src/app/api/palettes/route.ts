import { PaletteSchema } from "@/core/kit";
import { jsonRoute } from "@/server/problem";
import { createPalette } from "@/server/palettes";

export const POST = jsonRoute(PaletteSchema, createPalette);
