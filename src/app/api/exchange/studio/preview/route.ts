import { slowFileRoute } from "@/server/problem";
import { previewStudio } from "@/server/studioFile";

export const POST = slowFileRoute(({ bytes }, report) => previewStudio(bytes, report));
