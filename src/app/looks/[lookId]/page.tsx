import { notFound, redirect } from "next/navigation";
import { loadWorkspace } from "@/server/workspace";

export const dynamic = "force-dynamic";

export default async function Page({ params }: { params: Promise<{ lookId: string }> }) {
  const { lookId } = await params;
  const workspace = await loadWorkspace(lookId);
  if (!workspace) notFound();
  redirect(`/looks/${lookId}/${workspace.job?.id ?? "anyone"}/map`);
}
