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
  params: Promise<{ lookId: string; jobId: string }>;
  searchParams: Promise<{ rehearsal?: string }>;
}) {
  const { lookId, jobId } = await params;
  const chair = await loadChair(lookId, jobId === "anyone" ? undefined : jobId);
  if (!chair) notFound();
  if ("stops" in chair)
    return <ChairStopped stops={chair.stops} home={`/looks/${lookId}/${jobId}`} />;
  if (jobId !== "anyone" && chair.given.job?.id !== jobId) notFound();
  return (
    <ChairMode
      given={chair.given}
      known={chair.events}
      jobId={jobId}
      rehearsal={(await searchParams).rehearsal === "1"}
    />
  );
}
