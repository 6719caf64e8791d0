import { changePerson, deletePerson, ForgetSchema, SavePersonSchema } from "@/server/people";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(SavePersonSchema, (body, { id }: { id: string }) =>
  changePerson(id, body),
);
export const DELETE = jsonRoute(ForgetSchema, (body, { id }: { id: string }) =>
  deletePerson(id, body),
);
