import { RefillSchema } from "@/core/kit";
import { jsonRoute } from "@/server/problem";
import { fillPan } from "@/server/palettes";

export const POST = jsonRoute(RefillSchema, (body, { id }: { id: string }) => fillPan(id, body));
