import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { ChairMode } from "@/features/chair/ChairMode";
import { ChairStopped } from "@/features/chair/ChairStopped";
import { loadChair } from "@/server/chair";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Chair" };

export default async function ChairPage({
  params,
  searchParams,
}: {
  params: Promise<{ lookId: string; setting: string }>;
  searchParams: Promise<{ rehearsal?: string }>;
}) {
  const { lookId, setting } = await params;
  const chair = await loadChair(lookId, setting === "anyone" ? undefined : setting);
  if (!chair) notFound();
  if ("stops" in chair)
    return <ChairStopped stops={chair.stops} home={`/looks/${lookId}/${setting}`} />;
  if (setting !== "anyone" && chair.given.job?.id !== setting) notFound();
  return (
    <ChairMode
      given={chair.given}
      known={chair.events}
      setting={setting}
      rehearsal={(await searchParams).rehearsal === "1"}
    />
  );
}
