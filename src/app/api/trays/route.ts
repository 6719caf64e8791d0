import { TraySchema } from "@/core/kit";
import { jsonRoute } from "@/server/problem";
import { createTray } from "@/server/trays";

export const POST = jsonRoute(TraySchema, createTray);
