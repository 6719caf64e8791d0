import { changeJob, SaveJobSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const PUT = jsonRoute(SaveJobSchema, (body, { id }: { id: string }) => changeJob(id, body));
