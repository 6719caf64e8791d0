import { TodaySchema } from "@/core/brief";
import { answerToday } from "@/server/chair";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(TodaySchema, (body, { id }: { id: string }) => answerToday(id, body));
