import { saveDesign, SaveLookSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(SaveLookSchema, (body, { id }: { id: string }) =>
  saveDesign(id, body),
);
