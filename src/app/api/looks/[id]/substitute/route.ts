import { substitute, SubstituteSchema } from "@/server/kit";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(SubstituteSchema, (body, { id }: { id: string }) =>
  substitute(id, body),
);
