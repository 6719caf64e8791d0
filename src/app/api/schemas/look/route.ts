import { lookFileJsonSchema } from "@/core/formats";

/** The published JSON Schema of a look file. */
export const GET = (): Response =>
  Response.json(lookFileJsonSchema(), { headers: { "content-type": "application/schema+json" } });
