import { repeatDay, RepeatDaySchema } from "@/server/calls";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(RepeatDaySchema, (body, { date }: { date: string }) =>
  repeatDay(date, body),
);
