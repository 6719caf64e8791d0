import { MovementSchema } from "@/core/kit";
import { jsonRoute } from "@/server/problem";
import { move } from "@/server/shelf";

export const POST = jsonRoute(MovementSchema, (body, { id }: { id: string }) => move(id, body));
