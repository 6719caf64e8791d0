import { ProductSchema } from "@/core/paint";
import { jsonRoute } from "@/server/problem";
import { createProduct } from "@/server/shelf";

export const POST = jsonRoute(ProductSchema, createProduct);
