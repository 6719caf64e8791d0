import { z } from "zod";
import { jsonRoute } from "@/server/problem";
import { takeDemoShelf } from "@/server/shelf";

export const POST = jsonRoute(z.object({}).strict(), takeDemoShelf);
