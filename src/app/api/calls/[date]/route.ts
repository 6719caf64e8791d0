import { changeCall, SaveCallSchema } from "@/server/calls";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(SaveCallSchema, (body, { date }: { date: string }) =>
  changeCall(date, body),
);
