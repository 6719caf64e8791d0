import { PersonSchema } from "@/core/people";
import { createPerson } from "@/server/people";
import { jsonRoute } from "@/server/problem";

export const POST = jsonRoute(PersonSchema, createPerson);
