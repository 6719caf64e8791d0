import { ProductSchema } from "@/core/paint";
import { jsonRoute, readRoute } from "@/server/problem";
import { createProduct, shelfJson } from "@/server/shelf";

export const GET = readRoute(
  async () => new Response(await shelfJson(), { headers: { "content-type": "application/json" } }),
);

export const POST = jsonRoute(ProductSchema, createProduct);
