import { fileRoute } from "@/server/problem";
import { takeRecordPicture } from "@/server/records";
import { PICTURE } from "@/server/references";

export const POST = fileRoute(PICTURE, async (file, { id }: { id: string }) =>
  takeRecordPicture(id, await file.bytes(), file.type),
);
