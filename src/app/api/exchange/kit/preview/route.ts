import { previewKit } from "@/server/exchange";
import { fileRoute } from "@/server/problem";

export const POST = fileRoute(({ bytes }) => previewKit(bytes));
