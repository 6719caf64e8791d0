import type { Metadata } from "next";
import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { Opened } from "@/shared/workspace/Opened";
import { lookName } from "@/server/looks";
import { openWorkspace } from "@/server/workspace";

export const dynamic = "force-dynamic";

interface Given {
  params: Promise<{ lookId: string; setting: string }>;
}

export async function generateMetadata({ params }: Given): Promise<Metadata> {
  const { lookId } = await params;
  return { title: (await lookName(lookId)) ?? "Not here" };
}

export default async function Layout({ params, children }: Given & { children: ReactNode }) {
  const { lookId, setting } = await params;
  const workspace = await openWorkspace(lookId, setting);
  if (!workspace || (setting !== "anyone" && workspace.job?.id !== setting)) notFound();
  return (
    <Opened given={workspace} setting={setting}>
      {children}
    </Opened>
  );
}
