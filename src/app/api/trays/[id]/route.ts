import { jsonRoute } from "@/server/problem";
import { changeTray, SaveTraySchema } from "@/server/trays";

export const PUT = jsonRoute(SaveTraySchema, (body, { id }: { id: string }) =>
  changeTray(id, body),
);
