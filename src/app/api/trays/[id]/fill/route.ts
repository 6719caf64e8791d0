import { RefillSchema } from "@/core/kit";
import { jsonRoute } from "@/server/problem";
import { fillPan } from "@/server/trays";

export const POST = jsonRoute(RefillSchema, (body, { id }: { id: string }) => fillPan(id, body));
