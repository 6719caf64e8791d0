import { KIT_TABLE, previewKit } from "@/server/exchange";
import { slowFileRoute } from "@/server/problem";

export const POST = slowFileRoute(KIT_TABLE, previewKit);
