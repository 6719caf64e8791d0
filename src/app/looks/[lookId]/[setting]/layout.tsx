import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { WorkspaceProvider } from "@/parts/workspace/WorkspaceContext";
import { WorkspaceShell } from "@/parts/workspace/WorkspaceShell";
import { loadWorkspace } from "@/server/workspace";

export const dynamic = "force-dynamic";

interface Given { params: Promise<{ lookId: string; setting: string }> }

export async function generateMetadata({ params }: Given): Promise<Metadata> {
  const { lookId, setting } = await params;
  const workspace = await loadWorkspace(lookId, setting);
  return { title: workspace?.look.design.name ?? "Not here" };
}

export default async function Layout({ params, children }: Given & { children: ReactNode }) {
  const { lookId, setting } = await params;
  const workspace = await loadWorkspace(lookId, setting);
  if (!workspace || (setting !== "anyone" && workspace.job?.id !== setting)) notFound();
  return <WorkspaceProvider given={workspace} setting={setting}><WorkspaceShell>{children}</WorkspaceShell></WorkspaceProvider>;
}
