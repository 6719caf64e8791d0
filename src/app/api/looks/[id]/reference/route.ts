import { fileRoute } from "@/server/problem";
import { takeReference } from "@/server/references";

export const POST = fileRoute(({ bytes, type }, { id }: { id: string }) =>
  takeReference(id, bytes, type),
);
