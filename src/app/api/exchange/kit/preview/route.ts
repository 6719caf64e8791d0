import { previewKit } from "@/server/exchange";
import { slowFileRoute } from "@/server/problem";

export const POST = slowFileRoute(({ bytes }, report) => previewKit(bytes, report));
