import { dropPractice, DropPracticeSchema } from "@/server/practice";
import { jsonRoute } from "@/server/problem";

export const DELETE = jsonRoute(DropPracticeSchema, (_, { id }: { id: string }) =>
  dropPractice(id),
);
