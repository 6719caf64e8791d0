import { PracticeSchema } from "@/core/practice";
import { notePractice } from "@/server/practice";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(PracticeSchema, notePractice);
