import { ArchiveSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";
import { archiveTray } from "@/server/trays";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archiveTray(id, archived),
);
