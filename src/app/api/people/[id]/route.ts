import { changePerson, SavePersonSchema } from "@/server/people";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(SavePersonSchema, (body, { id }: { id: string }) => changePerson(id, body));
