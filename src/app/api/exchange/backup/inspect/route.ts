import { inspect, STUDIO_BACKUP } from "@/server/exchange";
import { fileRoute } from "@/server/problem";

export const POST = fileRoute(STUDIO_BACKUP, inspect);
