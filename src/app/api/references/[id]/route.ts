import { jsonRoute } from "@/server/problem";
import { changeReference, pictureOf, SaveReferenceSchema } from "@/server/references";

export const PUT = jsonRoute(SaveReferenceSchema, (body, { id }: { id: string }) =>
  changeReference(id, body),
);

/** The picture. It never changes under its id, but may be deleted: so it is asked for each time. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const bytes = await pictureOf((await params).id);
  if (!bytes) return new Response(null, { status: 404 });
  return new Response(new Uint8Array(bytes), {
    headers: {
      "content-type": "image/jpeg",
      "cache-control": "private, no-store",
    },
  });
}
