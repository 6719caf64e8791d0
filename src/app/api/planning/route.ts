import { planJobs, PlanJobsSchema } from "@/server/kit";
import { slowJsonRoute } from "@/server/problem";

export const POST = slowJsonRoute(PlanJobsSchema, planJobs);
