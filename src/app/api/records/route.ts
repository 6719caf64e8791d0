import { jsonRoute } from "@/server/problem";
import { NewRecordSchema, takeDown } from "@/server/records";

export const POST = jsonRoute(NewRecordSchema, takeDown);
