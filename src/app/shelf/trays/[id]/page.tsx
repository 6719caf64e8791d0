import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { TrayPage } from "@/features/trays/TrayPage";
import { trayWork } from "@/server/trays";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Tray" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const work = await trayWork((await params).id);
  if (!work) notFound();
  return <TrayPage work={work} />;
}
