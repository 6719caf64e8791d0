import { keepDesign, KeepVersionSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(KeepVersionSchema, (body, { id }: { id: string }) =>
  keepDesign(id, body),
);
