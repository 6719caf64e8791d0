import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { Opened } from "@/shared/workspace/Opened";
import { lookName } from "@/server/looks";
import { openWorkspace } from "@/server/workspace";

export const dynamic = "force-dynamic";

interface Given {
  params: Promise<{ lookId: string; jobId: string }>;
}

export async function generateMetadata({ params }: Given): Promise<Metadata> {
  const { lookId } = await params;
  return { title: (await lookName(lookId)) ?? "Not here" };
}

export default async function Layout({ params, children }: Given & { children: ReactNode }) {
  const { lookId, jobId } = await params;
  const workspace = await openWorkspace(lookId, jobId);
  if (!workspace || (jobId !== "anyone" && workspace.job?.id !== jobId)) notFound();
  return (
    <Opened given={workspace} jobId={jobId}>
      {children}
    </Opened>
  );
}
