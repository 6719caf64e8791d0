import { fileRoute } from "@/server/problem";
import { takeRecordPicture } from "@/server/records";

export const POST = fileRoute(({ bytes, type }, { id }: { id: string }) =>
  takeRecordPicture(id, bytes, type),
);
