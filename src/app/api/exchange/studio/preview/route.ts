import { slowFileRoute } from "@/server/problem";
import { previewStudio, STUDIO_FILE } from "@/server/studioFile";

export const POST = slowFileRoute(STUDIO_FILE, previewStudio);
