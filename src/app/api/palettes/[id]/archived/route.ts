import { ArchiveSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";
import { archivePalette } from "@/server/palettes";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archivePalette(id, archived),
);
