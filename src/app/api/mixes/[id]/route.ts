import { changeMix, SaveMixSchema } from "@/server/mixes";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(SaveMixSchema, (body, { id }: { id: string }) => changeMix(id, body));
