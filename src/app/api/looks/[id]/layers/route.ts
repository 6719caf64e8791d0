import { takeLayer, TakeLayerSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(TakeLayerSchema, (body, { id }: { id: string }) =>
  takeLayer(id, body),
);
