import { newJob, NewJobSchema } from "@/server/looks";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(NewJobSchema, newJob);
