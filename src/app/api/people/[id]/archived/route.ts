import { ArchiveSchema } from "@/server/looks";
import { archivePerson } from "@/server/people";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archivePerson(id, archived),
);
