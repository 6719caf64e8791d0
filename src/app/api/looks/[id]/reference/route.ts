import { fileRoute } from "@/server/problem";
import { PICTURE, takeReference } from "@/server/references";

export const POST = fileRoute(PICTURE, async (file, { id }: { id: string }) =>
  takeReference(id, await file.bytes(), file.type),
);
