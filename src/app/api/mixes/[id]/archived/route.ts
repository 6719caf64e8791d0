import { ArchiveSchema } from "@/server/looks";
import { archiveMix } from "@/server/mixes";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archiveMix(id, archived),
);
