import { deleteForGood, DeleteSchema, restore, RestoreSchema } from "@/server/archive";
import { jsonRoute } from "@/server/problem";

type Params = { kind: string; id: string };

export const PUT = jsonRoute(RestoreSchema, (_, { kind, id }: Params) => restore(kind, id));
export const DELETE = jsonRoute(DeleteSchema, (_, { kind, id }: Params) => deleteForGood(kind, id));
