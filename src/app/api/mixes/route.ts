import { MixSchema } from "@/core/paint";
import { createMix } from "@/server/mixes";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(MixSchema, createMix);
