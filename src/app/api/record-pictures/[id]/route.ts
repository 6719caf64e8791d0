import { recordPicture } from "@/server/records";

/** The picture. It never changes under its id, but may be deleted: so it is asked for each time. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const bytes = await recordPicture((await params).id);
  if (!bytes) return new Response(null, { status: 404 });
  return new Response(new Uint8Array(bytes), {
    headers: {
      "content-type": "image/jpeg",
      "cache-control": "private, no-store",
    },
  });
}
