import { deleteEverything, EverythingSchema } from "@/server/exchange";
import { jsonRoute } from "@/server/problem";

export const DELETE = jsonRoute(EverythingSchema, deleteEverything);
