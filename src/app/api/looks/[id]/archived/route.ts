import { archiveLook, ArchiveSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archiveLook(id, archived),
);
