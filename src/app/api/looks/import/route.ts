import { fileRoute } from "@/server/problem";
import { importLook } from "@/server/templates";

export const POST = fileRoute(({ bytes }) => importLook(bytes));
