import { fileRoute } from "@/server/problem";
import { importLook, LOOK_FILE } from "@/server/templates";

export const POST = fileRoute(LOOK_FILE, async (file) => importLook(await file.bytes()));
