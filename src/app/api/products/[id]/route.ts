import { jsonRoute } from "@/server/problem";
import { changeProduct, SaveProductSchema } from "@/server/shelf";

export const PUT = jsonRoute(SaveProductSchema, (body, { id }: { id: string }) =>
  changeProduct(id, body),
);
