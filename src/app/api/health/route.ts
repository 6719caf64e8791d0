import { studio } from "@/server/studio";

export const dynamic = "force-dynamic";

export async function GET() {
  await studio();
  return Response.json({ ok: true });
}
