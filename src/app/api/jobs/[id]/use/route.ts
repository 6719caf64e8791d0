import { writeUse, UseSchema } from "@/server/kit";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(UseSchema, (body, { id }: { id: string }) => writeUse(id, body));
