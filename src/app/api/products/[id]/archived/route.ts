import { ArchiveSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";
import { archiveProduct } from "@/server/shelf";

export const PUT = jsonRoute(ArchiveSchema, ({ archived }, { id }: { id: string }) =>
  archiveProduct(id, archived),
);
