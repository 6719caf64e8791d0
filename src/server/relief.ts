import "server-only";
import { ReliefQuerySchema, reliefQuery } from "@/core/anatomy/surface";
import { rememberBy } from "@/core/remember";
import { fieldErrors, invalid } from "./problem";
import { heldThread } from "./threads/inThread";

/** Pictures that are kept: those of everybody in a house, in a few lights. */
const MOST = 300;

/** The form of a figure in one light as a WebP picture, worked out once. */
export const pictureOf = rememberBy(MOST, reliefQuery, heldThread("reliefOf"));

/** The picture that a query asks for. @throws Problem 400 for a query that asks for none */
export async function reliefPicture(query: Record<string, string>): Promise<Response> {
  const asked = ReliefQuerySchema.safeParse(query);
  if (!asked.success) throw invalid(fieldErrors(asked.error));
  const picture = await pictureOf(asked.data);
  return new Response(new Uint8Array(picture), {
    headers: {
      "content-type": "image/webp",
      // What it is asked with says all that it is made from. A day, no longer: it is the shape of somebody's face.
      "cache-control": "private, max-age=86400, immutable",
    },
  });
}
