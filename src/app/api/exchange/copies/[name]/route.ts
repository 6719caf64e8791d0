import { DeleteSchema } from "@/server/archive";
import { deleteCopy } from "@/server/exchange";
import { jsonRoute } from "@/server/problem";

export const DELETE = jsonRoute(DeleteSchema, (_, { name }: { name: string }) => deleteCopy(name));
