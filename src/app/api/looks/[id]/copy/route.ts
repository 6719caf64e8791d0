import { copyLook, CopyLookSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(CopyLookSchema, (body, { id }: { id: string }) => copyLook(id, body));
