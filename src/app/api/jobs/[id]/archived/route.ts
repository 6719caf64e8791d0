import { archiveJob, ArchiveSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archiveJob(id, archived),
);
