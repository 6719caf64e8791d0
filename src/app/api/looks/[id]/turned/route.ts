import { lookToTurn } from "@/server/lookToTurn";
import { readRoute } from "@/server/problem";

export const GET = readRoute(async ({ job }, { id }: { id: string }) =>
  Response.json(await lookToTurn(id, job)),
);
