import { ArchiveSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";
import { archiveReference } from "@/server/references";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archiveReference(id, archived),
);
