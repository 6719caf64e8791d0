import { inspect } from "@/server/exchange";
import { fileRoute } from "@/server/problem";

export const POST = fileRoute(({ bytes }) => inspect(bytes));
